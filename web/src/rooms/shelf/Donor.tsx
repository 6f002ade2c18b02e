import { useShopLog } from "../../hands/append";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import type { Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { type DonorRow, donorQuery, needsQuery } from "../../api/shelf";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { money } from "../../api/money";
import { Empty, Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { BEST } from "./best";
import { DonorForm } from "./DonorForm";
import { PART_MARK } from "./PartsLeft";
import { Terms } from "./Terms";
import { taking } from "./things";

/** One body: each part of it with what became of it, and the figures for break or mend. */
export function Donor() {
  const { id } = useParams();
  const row = useQuery(donorQuery(id ?? ""));
  const [editing, setEditing] = useState(false);
  if (row.error !== null) return <ProblemNote problem={row.error} />;
  if (row.data === undefined) return null;
  if (editing) return <DonorForm row={row.data} onDone={() => setEditing(false)} />;
  return <OneDonor row={row.data} onEdit={() => setEditing(true)} />;
}

function OneDonor({ row, onEdit }: { row: DonorRow; onEdit: () => void }) {
  const say = useShopLog("shelf");
  const [leaving, setLeaving] = useState(false);
  const { held, figures } = row;
  return (
    <div className="wide:grid-cols-[minmax(0,1fr)_420px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_360px]">
      <div className="min-h-0 overflow-y-auto px-5 py-3" tabIndex={0} role="group" aria-label="Parts">
        <p className="text-soft">
          <Link to="/shelf/donors" className="underline">
            Donors
          </Link>{" "}
          <span className="num">D-{held.number}</span>
        </p>
        <h2 className="text-[21px]">{row.words}</h2>
        <p className="text-soft pb-2">
          {held.body.place}
          {held.body.fault !== "" && ` · ${held.body.fault}`}
          {held.body.origin !== "" && ` · from ${held.body.origin}`}
          {held.gone !== undefined && <b className="text-stop"> · no donor any more: {held.gone}</b>}
        </p>
        {held.parts.length === 0 && <Empty>Its parts list is empty. Describe it with what is in it.</Empty>}
        <ul>
          {held.parts.map((part) => (
            <PartLine
              key={part.part.name}
              donor={held.id}
              part={part}
              outlook={figures.outlooks.find((one) => one.part === part.part.name)}
              gone={held.gone !== undefined}
            />
          ))}
        </ul>
      </div>
      <aside
        tabIndex={0}
        aria-label="Break or mend"
        className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3"
      >
        <Panel title="Break or mend" note={BEST[figures.best]}>
          {!held.opened && (
            <>
              <Terms terms={figures.asIs} net={figures.asIsMinor} label="left whole" />
              <Terms terms={figures.mended} net={figures.mendedMinor} label="mended" />
            </>
          )}
          <Terms
            terms={figures.parts}
            net={figures.partsMinor}
            label={held.opened ? "still in it" : "in parts"}
          />
          {!held.opened && (
            <p className="text-soft text-[14px]">
              The first part taken out of it costs {money(figures.openingLossMinor)} beyond its own minutes.
            </p>
          )}
        </Panel>
        {held.gone === undefined && (
          <div className="flex flex-wrap gap-2">
            <Button onClick={onEdit}>Edit description…</Button>
            <a
              className="border-line inline-flex min-h-11 items-center rounded-[4px] border px-3.5"
              href={`/api/shelf/labels.pdf?of=${held.id}`}
              target="_blank"
              rel="noreferrer"
            >
              Label
            </a>
            {!leaving && (
              <Button kind="quiet" onClick={() => setLeaving(true)}>
                No donor any more…
              </Button>
            )}
          </div>
        )}
        {leaving && (
          <AddLine
            blanks={[{ label: "What became of it?", hint: "mended after all, sold, thrown out" }]}
            action="It is gone"
            focus
            onAdd={(why) => say([{ kind: "donorGone", donor: held.id, why }], "No donor any more.")}
            onCancel={() => setLeaving(false)}
          />
        )}
      </aside>
    </div>
  );
}

function PartLine({
  donor,
  part,
  outlook,
  gone,
}: {
  donor: string;
  part: Schemas["DonorPart"];
  outlook?: Schemas["PartOutlook"];
  gone: boolean;
}) {
  const { word } = useWords();
  const say = useShopLog("shelf");
  const { refused, submit } = useSubmit();
  const needs = useQuery(needsQuery).data?.needs ?? [];
  const thing = { of: donor, part: part.part.name };
  const seen = (state: Schemas["DonorPart"]["state"]) =>
    submit(() =>
      say(
        [{ kind: "donorPartSeen", donor, part: part.part.name, state, remark: "" }],
        `${part.part.name}: ${word("partState", state)}.`,
      ),
    );
  const wanting = needs.filter((need) =>
    [need.got, ...need.others].some((one) => one?.id === `donor ${donor} ${part.part.name}`),
  );
  return (
    <li className="border-line/70 flex min-h-12 flex-wrap items-center gap-x-3 gap-y-1 border-b py-1">
      <StateMark mark={PART_MARK[part.state]} />
      <span className="min-w-0 flex-1">
        <b>{part.part.name}</b>{" "}
        <span className="text-soft text-[14px]">
          {part.state === "THERE" ? "" : word("partState", part.state)}
          {part.usedFor !== undefined && ` for ${part.usedFor.tag}`}
          {part.keptFor !== undefined && <span className="text-mark"> kept for {part.keptFor.tag}</span>}
          {part.remark !== "" && `, ${part.remark}`}
        </span>
      </span>
      {outlook !== undefined && (
        <span className="text-soft num text-[13.5px]">
          {part.part.minutes} min · wanted{" "}
          {outlook.openNow > 0 ? "now" : `${Math.round(100 * outlook.chance)} %`} ·{" "}
          {money(part.part.worthMinor)}
        </span>
      )}
      {!gone && part.state === "THERE" && (
        <span className="flex gap-1">
          {wanting.map((need) => (
            <Button
              key={`${need.need.tag} ${need.need.part}`}
              onClick={() =>
                void submit(() => say([taking(thing, need.need)], `Taken for ${need.need.tag}.`))
              }
            >
              Take for {need.need.tag}
            </Button>
          ))}
          <Button kind="quiet" onClick={() => void seen("BROKEN")}>
            Broken
          </Button>
          <Button kind="quiet" onClick={() => void seen("MISSING")}>
            Missing
          </Button>
        </span>
      )}
      {!gone && (part.state === "BROKEN" || part.state === "MISSING") && (
        <Button kind="quiet" onClick={() => void seen("THERE")}>
          It is there after all
        </Button>
      )}
      {refused}
    </li>
  );
}
