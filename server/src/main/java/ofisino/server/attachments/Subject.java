package ofisino.server.attachments;

/** What a photo or receipt can belong to. Each has a column of its own in {@code attachment_link}. */
public enum Subject {
    VEHICLE,
    FINDING,
    JOB,
    NEED,
    ORDER,
    WORK_SESSION,
    ENTRY,
    /** A finding looked at again on a later visit. */
    SECOND_LOOK,
    /** Something that lies in the garage. */
    STOCK,
    /** What came for an order, as it looked when it was unpacked. */
    ORDER_LINE
}
