import { useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import type { Entry, JobView } from "../api/client";
import { serverNow } from "../api/clock";
import { newId } from "../api/ids";
import { jobQuery } from "../api/queries";
import { send } from "../api/queue";
import { notify } from "./notices";
import { useSigner } from "./signer";
import { texts } from "./words";

/** The shop's own logs. */
export type ShopLog = "shelf" | "house" | "knowledge" | "accounts" | "customers";

interface Saying {
  said?: string;
  before?: string;
  basedOn?: number;
}

/**
 * Adds entries to a log, as one, and gives the ids of their lines. Rejects with a Problem when they are refused; nothing
 * is stored then. While the server is away they wait here.
 */
function useSay(log: string) {
  const { signer } = useSigner();
  return useCallback(
    async (entries: Entry[], saying: Saying): Promise<{ ids: string[]; stored: boolean }> => {
      const saidAt = new Date(serverNow()).toISOString();
      const lines = entries.map((entry) => ({ id: newId(), before: saying.before, saidAt, entry }));
      const lastSequence = await send({ log, by: signer, basedOn: saying.basedOn ?? 0, lines });
      notify(
        lastSequence === undefined
          ? { kind: "waiting", text: texts.theServerCannotBeReached }
          : { kind: "done", text: saying.said ?? texts.logged },
      );
      return { ids: lines.map((line) => line.id), stored: lastSequence !== undefined };
    },
    [log, signer],
  );
}

/** Adds entries to a job, as one, and gives the job as it then is; nothing while the server is away. */
export function useAppend(tag: string) {
  const client = useQueryClient();
  const say = useSay(tag);
  return useCallback(
    async (entries: Entry[], saying: Omit<Saying, "basedOn"> = {}): Promise<JobView | undefined> => {
      const shown = client.getQueryData<JobView>(["job", tag]);
      const { stored } = await say(entries, { ...saying, basedOn: shown?.lastSequence ?? 0 });
      // stored is stored: where the server goes away just then, what is shown is asked for when it is back
      return stored
        ? client.fetchQuery({ ...jobQuery(tag), staleTime: 0 }).catch(() => undefined)
        : undefined;
    },
    [client, say, tag],
  );
}

/**
 * Adds entries to one of the shop's own logs.
 *
 * @param basedOn up to which line of the log the shown view goes; where another window replaced the same since, it is said
 */
export function useShopLog(log: ShopLog) {
  const say = useSay(log);
  return useCallback(
    async (entries: Entry[], said: string, basedOn = 0): Promise<string[]> =>
      (await say(entries, { said, basedOn })).ids,
    [say],
  );
}
