/** A vehicle or a lot that is bought for its parts: what is of use, what each has cost, what comes back. */
package ofisino.core.parts.donor;
