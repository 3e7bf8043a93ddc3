package ofisino.server.identity.pairing;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.server.identity.Caller;
import ofisino.server.identity.SignedIn;
import ofisino.server.identity.Tokens;
import ofisino.server.identity.Tries;
import ofisino.server.web.OfisinoProperties;
import ofisino.server.web.QrCode;
import org.springframework.stereotype.Service;

/** Signs in a phone by a code on the screen: nobody types a password with gloves on. */
@Service
class PairingService {
    static final int MINUTES = 5;
    private static final int MOST_TRIES = 30;

    /** @param modules the QR code (ISO/IEC 18004), rows of dark (1) and light (0) modules, quiet zone included */
    record Pairing(String url, int minutes, java.util.List<String> modules) {}

    private final PairingMapper mapper;
    private final SignedIn sessions;
    private final Tries tries;
    private final String lanUrl;

    PairingService(PairingMapper mapper, SignedIn sessions, Tries tries, OfisinoProperties properties) {
        this.tries = tries;
        this.mapper = mapper;
        this.sessions = sessions;
        this.lanUrl = properties.lanUrl();
    }

    Pairing start(Caller caller) {
        if (lanUrl.isEmpty())
            throw Conflict.of(
                    "pairing.off",
                    "Phones cannot reach this server.",
                    "Stop it and start it with ./ofisino start --lan.");
        String token = Tokens.fresh();
        mapper.insert(Tokens.hash(token), caller.garageId(), caller.accountId(), MINUTES);
        String url = lanUrl + "/pair#" + token; // behind the hash: browsers do not send it, so no log has it
        return new Pairing(url, MINUTES, QrCode.modules(url));
    }

    void redeem(String token, HttpServletRequest request, HttpServletResponse response) {
        tries.use("pairing from " + request.getRemoteAddr(), MOST_TRIES);
        UUID account = mapper.redeem(Tokens.hash(token == null ? "" : token))
                .orElseThrow(() -> Conflict.of(
                        "pairing.used",
                        "This code was used already or is too old.",
                        "Show a new one on the computer and scan it again."));
        sessions.start(account, SignedIn.By.PHONE, request, response);
    }
}
