import { useQueryClient, type QueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import type { JobView } from "../api/client";
import { work } from "../api/queue";
import { askAnew, refreshed } from "../api/refreshed";
import { benchId } from "../hands/bench";
import { pressed, type Press } from "../hands/pressed";

const AGAIN_MS = 2000;

/**
 * Listens for what other windows change, and asks again for what is out of date. Only while the page is to be seen: a
 * browser keeps no more than six connections to one server, and hidden pages must not hold them.
 */
export function useServerEvents() {
  const client = useQueryClient();
  useEffect(() => {
    let source: EventSource | undefined;
    const close = () => {
      source?.close();
      source = undefined;
    };
    const follow = () => {
      if (document.hidden) close();
      else if (source === undefined) {
        source = listen(client);
        askAnew();
      }
    };
    // browsers try again by themselves where the line breaks, and never where they were turned away
    const again = setInterval(() => {
      if (source?.readyState === EventSource.CLOSED) {
        source = undefined;
        follow();
      }
    }, AGAIN_MS);
    source = listen(client);
    document.addEventListener("visibilitychange", follow);
    window.addEventListener("pagehide", close);
    window.addEventListener("pageshow", follow);
    return () => {
      clearInterval(again);
      close();
      document.removeEventListener("visibilitychange", follow);
      window.removeEventListener("pagehide", close);
      window.removeEventListener("pageshow", follow);
    };
  }, [client]);
}

function listen(client: QueryClient): EventSource {
  const source = new EventSource("/api/events");
  let heard = false;
  source.addEventListener("open", () => {
    void work();
    // whatever changed while nobody listened is asked for again
    if (heard) askAnew();
    heard = true;
  });
  source.addEventListener("plan", () => {
    askAnew(["plan"]);
    askAnew(["today"]);
  });
  source.addEventListener("phones", () => {
    askAnew(["phones"]);
    askAnew(["phone"]);
  });
  source.addEventListener("pressed", (event) => {
    const { bench, what } = JSON.parse((event as MessageEvent<string>).data) as {
      bench: string;
      what: Press;
    };
    if (bench === benchId()) pressed(what);
  });
  source.addEventListener("log", (event) => {
    const { log, lastSequence } = JSON.parse((event as MessageEvent<string>).data) as {
      log: string;
      lastSequence: number;
    };
    const shown = client.getQueryData<JobView>(["job", log]);
    if (shown === undefined || shown.lastSequence < lastSequence) refreshed(log);
  });
  return source;
}
