import { useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { useSigner } from "../shell/signer";
import { notify } from "../shell/notices";
import { type Entry, type JobView } from "./client";
import { serverNow } from "./clock";
import { newId } from "./ids";
import { send } from "./queue";

/** Adds entries to a job, as one. Rejects with a Problem when they are refused; nothing is stored then. */
export function useAppend(tag: string) {
  const client = useQueryClient();
  const { signer } = useSigner();
  return useCallback(
    async (
      entries: Entry[],
      options: { said?: string; before?: string } = {},
    ): Promise<JobView | undefined> => {
      const shown = client.getQueryData<JobView>(["job", tag]);
      const saidAt = new Date(serverNow()).toISOString();
      const lines = entries.map((entry) => ({ id: newId(), before: options.before, saidAt, entry }));
      const job = await send({ tag, by: signer, basedOn: shown?.lastSequence ?? 0, lines });
      notify(
        job === undefined
          ? { kind: "waiting", text: "The server is away. The line waits here and goes when it is back." }
          : { kind: "done", text: options.said ?? "Logged." },
      );
      return job;
    },
    [client, signer, tag],
  );
}
