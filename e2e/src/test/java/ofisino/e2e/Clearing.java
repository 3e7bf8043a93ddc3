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

    private static final String CLEAR = SEND + """
            const cleared = async (project, job) => {
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
            const [, project] = location.pathname.match(/\\/p\\/([^/]+)/)
            """;

    /** Of the job that is open on the page, so far as others than its conditions stand in the way of its beginning. */
    static void clear(Page page) {
        page.evaluate("async () => {" + CLEAR + """
                        await cleared(project, new URLSearchParams(location.search).get('job'))
                        }
                        """);
        page.reload();
    }

    /** Does the jobs with these words in their title, one after the other, as the pages would, and has another person verify each. */
    static void done(Page owner, Page verifier, String... titles) {
        for (String title : titles) {
            Object job = owner.evaluate("async (title) => {" + CLEAR + """
                        const { jobs } = await get(`/api/projects/${project}/jobs`)
                        const { id } = jobs.find((j) => !j.over && j.title.includes(title))
                        await cleared(project, id)
                        for (const asked of await get(`/api/jobs/${id}/interlocks`))
                          await send('POST', `/api/jobs/${id}/interlocks`, {
                            id: crypto.randomUUID(), interlock: asked.interlock, supportPoints: 'rear axle tube, both sides',
                          })
                        for (const state of ['BEGUN', 'FINISHED']) {
                          const { version } = await get(`/api/jobs/${id}`)
                          await send('POST', `/api/jobs/${id}/state`, { state, version })
                        }
                        return id
                        }
                        """, title);
            verifier.evaluate("async (id) => {" + SEND + """
                        const { version } = await get(`/api/jobs/${id}`)
                        await send('POST', `/api/jobs/${id}/state`, { state: 'VERIFIED', version })
                        }
                        """, job);
        }
        owner.reload();
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
