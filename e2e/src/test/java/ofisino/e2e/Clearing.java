package ofisino.e2e;

import com.microsoft.playwright.Page;
import java.util.Map;
import java.util.UUID;

/** What a journey is not about: parts that lie there already, strip-downs that are done, torques that are written down. */
final class Clearing {
    private static final String SEND = """
            const send = (method, path, body) => fetch(path, {
              method,
              headers: {
                'Content-Type': 'application/json',
                'Write-Id': crypto.randomUUID(),
                'X-XSRF-TOKEN': document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1],
              },
              body: JSON.stringify(body),
            }).then((answer) => { if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status}`) })
            const get = (path) => fetch(path).then((answer) => answer.json())
            """;

    private Clearing() {}

    /** Of the job that is open on the page, so far as others than its conditions stand in the way of its beginning. */
    static void clear(Page page) {
        page.evaluate("async () => {" + SEND + """
                        const [, project] = location.pathname.match(/\\/p\\/([^/]+)/)
                        const job = new URLSearchParams(location.search).get('job')
                        const permit = await get(`/api/jobs/${job}/permit`)
                        let [place] = await get('/api/places')
                        if (!place) {
                          place = { id: crypto.randomUUID() }
                          await send('POST', '/api/places', { id: place.id, name: 'Long bench', kind: 'BENCH' })
                        }
                        for (const o of permit.begin) {
                          if (o.kind === 'STRIP_DOWN') {
                            const { stripDowns } = await get(`/api/projects/${project}/access`)
                            await send('POST', `/api/projects/${project}/access/${o.id}/open`, {
                              supportPoints: 'rear axle tube, both sides',
                              confirmed: stripDowns.find((x) => x.stripDown === o.id).asks,
                            })
                          }
                          if (o.kind === 'PART') {
                            const need = await get(`/api/needs/${o.id}`)
                            await send('POST', `/api/needs/${o.id}/acceptance`, { right: true, placeId: place.id, version: need.version })
                          }
                        }
                        await send('PUT', `/api/projects/${project}/fasteners`, {
                          id: crypto.randomUUID(), jobId: job, title: 'Its bolts', system: 'STRUCTURE', tightness: 'FIGURE',
                          newtonMetres: 50, source: 'Manual, page 7', version: 0,
                        })
                        }
                        """);
        page.reload();
    }

    /** Somebody else who helps in the garage. */
    static void helper(Page owner, String name, String password) {
        owner.evaluate(
                "async (who) => {" + SEND + "await send('POST', '/api/garage/members', who) }",
                Map.of(
                        "id",
                        UUID.randomUUID().toString(),
                        "name",
                        name,
                        "displayName",
                        name,
                        "password",
                        password,
                        "role",
                        "HELPER"));
    }
}
