/**
 * Keeps what was opened on the floor, so that it opens again without a network: tickets, pull lists, bags, and what they are drawn with.
 * The network is asked first; only where it does not answer is the kept page shown. Of other pages it is said that they are not here.
 */

const CACHE = "floor-1";
const AWAY = "/away";
const PATIENCE = 4000;
const FLOOR = /^\/(cutting|packing)(\/|$)/;
const DRAWN_WITH = /^\/(css|js|fonts|pictures)\/|^\/favicon\.svg$/;

self.addEventListener("install", (event) => {
    event.waitUntil(caches.open(CACHE).then((cache) => cache.add(AWAY)));
    self.skipWaiting();
});

self.addEventListener("activate", (event) => {
    event.waitUntil(
        caches
            .keys()
            .then((names) => Promise.all(names.filter((name) => name !== CACHE).map((name) => caches.delete(name))))
            .then(() => self.clients.claim()),
    );
});

/** A kept page knows that it is one, and says so. */
async function marked(kept) {
    const page = await kept.text();
    return new Response(page.replace("<html", "<html data-from-device"), { headers: kept.headers });
}

async function answer(request) {
    const cache = await caches.open(CACHE);
    try {
        const fresh = await fetch(request, { signal: AbortSignal.timeout(PATIENCE) });
        if (fresh.ok && !fresh.redirected) {
            await cache.put(request, fresh.clone());
        }
        return fresh;
    } catch {
        const kept = await cache.match(request, { ignoreVary: true });
        if (request.mode !== "navigate") {
            return kept ?? Response.error();
        }
        return kept ? marked(kept) : cache.match(AWAY);
    }
}

self.addEventListener("fetch", (event) => {
    const url = new URL(event.request.url);
    if (url.origin !== location.origin || event.request.method !== "GET") {
        return;
    }
    if (FLOOR.test(url.pathname) || DRAWN_WITH.test(url.pathname)) {
        event.respondWith(answer(event.request));
    } else if (event.request.mode === "navigate") {
        event.respondWith(fetch(event.request).catch(() => caches.match(AWAY)));
    }
});
