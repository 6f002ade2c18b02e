import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import type { JobView } from "../api/client";
import { work } from "../api/queue";

/** Listens for what other windows change, and asks anew for what is out of date. */
export function useServerEvents() {
  const client = useQueryClient();
  useEffect(() => {
    const source = new EventSource("/api/events");
    source.addEventListener("open", () => void work());
    source.addEventListener("job", (event) => {
      const { tag, lastSequence } = JSON.parse((event as MessageEvent<string>).data) as {
        tag: string;
        lastSequence: number;
      };
      const shown = client.getQueryData<JobView>(["job", tag]);
      if (shown === undefined || shown.lastSequence < lastSequence) {
        void client.invalidateQueries({ queryKey: ["job", tag] });
        void client.invalidateQueries({ queryKey: ["log", tag] });
      }
      void client.invalidateQueries({ queryKey: ["bench"] });
    });
    source.addEventListener("house", () => void client.invalidateQueries());
    return () => source.close();
  }, [client]);
}
