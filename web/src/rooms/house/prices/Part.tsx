import { useQuery } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import type { Entry } from "../../../api/client";
import { houseQuery } from "../../../api/queries";
import { useShopLog } from "../../../hands/append";
import { Button } from "../../../ui/Button";
import { SaidOf } from "../../../ui/Field";
import { Panel } from "../../../ui/Panel";
import { useSubmit } from "../../../ui/useSubmit";
import { texts } from "../words";

/** One part of the page: what is typed, and saving it once something is changed. */
export function Part<Typed>({
  title,
  note,
  start,
  entry,
  children,
}: {
  title: string;
  note?: string;
  start: Typed;
  /** What is logged; reading amounts takes the server. */
  entry: (typed: Typed) => Promise<Entry[]>;
  children: (typed: Typed, change: (next: Typed) => void) => ReactNode;
}) {
  const say = useShopLog("house");
  const sequence = useQuery(houseQuery).data?.lastSequence ?? 0;
  const [typed, setTyped] = useState(start);
  const { refused, problem, busy, submit } = useSubmit();
  const changed = JSON.stringify(typed) !== JSON.stringify(start);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void submit(async () => {
          await say(await entry(typed), texts.savedLabel, sequence);
        });
      }}
    >
      <SaidOf.Provider value={(name) => (problem?.field === name ? problem.message : undefined)}>
        <Panel title={title} note={note}>
          {children(typed, setTyped)}
          {refused}
          {changed && (
            <div className="flex gap-2">
              <Button kind="primary" type="submit" about={title} disabled={busy}>
                {texts.save}
              </Button>
              <Button about={title} onClick={() => setTyped(start)}>
                {texts.reset}
              </Button>
            </div>
          )}
        </Panel>
      </SaidOf.Provider>
    </form>
  );
}
