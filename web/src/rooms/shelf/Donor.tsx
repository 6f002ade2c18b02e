import { useMay } from "../../hands/signer";
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
import { SourcePicture } from "./SourcePicture";
import { Terms } from "./Terms";
import { taking } from "./things";
import { texts } from "./words";

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
  const priced = useMay("MONEY");
  const { held, figures } = row;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_420px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_360px]">
      <div className="min-h-0 overflow-y-auto px-5 py-3" tabIndex={0} role="group" aria-label={texts.parts}>
        <p className="text-soft">
          <Link to="/shelf/donors" className="underline">
            {texts.donors}
          </Link>{" "}
          <span className="num">{texts.d(held.number)}</span>
        </p>
        <h2 className="text-[21px]">{row.words}</h2>
        <p className="text-soft pb-2">
          {held.body.place}
          {held.body.fault !== "" && ` · ${held.body.fault}`}
          {held.body.origin !== "" && texts.fromIt(held.body.origin)}
          {held.gone !== undefined && <b className="text-stop"> {texts.noLongerADonor(held.gone)}</b>}
        </p>
        {held.parts.length === 0 && <Empty>{texts.itsPartsListIsEmpty}</Empty>}
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
        aria-label={texts.breakOrRepair}
        className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3"
      >
        <SourcePicture name={held.body.picture} of={row.words} />
        <Panel title={texts.breakOrRepair} note={BEST[figures.best]}>
          {!held.opened && (
            <>
              <Terms terms={figures.asIs} net={figures.asIsMinor} label={texts.soldAsItIs} />
              <Terms terms={figures.mended} net={figures.mendedMinor} label={texts.soldRepaired} />
            </>
          )}
          <Terms
            terms={figures.parts}
            net={figures.partsMinor}
            label={held.opened ? texts.stillInIt : texts.inParts}
          />
          {!held.opened && priced && (
            <p className="text-soft text-[14px]">
              {texts.takingTheFirstPartCosts(money(figures.openingLossMinor))}
            </p>
          )}
        </Panel>
        {held.gone === undefined && (
          <div className="flex flex-wrap gap-2">
            {priced && <Button onClick={onEdit}>{texts.editDescription}</Button>}
            <a
              className="border-line inline-flex min-h-11 items-center rounded-[4px] border px-3.5"
              href={`/api/shelf/labels.pdf?of=${held.id}`}
              target="_blank"
              rel="noreferrer"
            >
              {texts.label}
            </a>
            {!leaving && (
              <Button kind="quiet" onClick={() => setLeaving(true)}>
                {texts.noLongerADonorLabel}
              </Button>
            )}
          </div>
        )}
        {leaving && (
          <AddLine
            blanks={[{ label: texts.whatBecameOfIt, hint: texts.repairedAfterAllSoldThrown }]}
            action={texts.removeFromDonors}
            focus
            onAdd={(why) => say([{ kind: "donorGone", donor: held.id, why }], texts.noLongerADonorWord)}
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
  const priced = useMay("MONEY");
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
          {part.usedFor !== undefined && texts.forIt(part.usedFor.tag)}
          {part.keptFor !== undefined && (
            <span className="text-mark"> {texts.reservedFor(part.keptFor.tag)}</span>
          )}
          {part.remark !== "" && `, ${part.remark}`}
        </span>
      </span>
      {outlook !== undefined && (
        <span className="text-soft num text-[13.5px]">
          {texts.minToTakeOutWanted(part.part.minutes, outlook.openNow > 0, Math.round(100 * outlook.chance))}
          {priced && texts.worthOf(money(part.part.worthMinor))}
        </span>
      )}
      {!gone && part.state === "THERE" && (
        <span className="flex gap-1">
          {wanting.map((need) => (
            <Button
              key={`${need.need.tag} ${need.need.part}`}
              onClick={() =>
                void submit(() => say([taking(thing, need.need)], texts.takenFor(need.need.tag)))
              }
            >
              {texts.takeFor(need.need.tag)}
            </Button>
          ))}
          <Button kind="quiet" onClick={() => void seen("BROKEN")}>
            {texts.broken}
          </Button>
          <Button kind="quiet" onClick={() => void seen("MISSING")}>
            {texts.missing}
          </Button>
        </span>
      )}
      {!gone && (part.state === "BROKEN" || part.state === "MISSING") && (
        <Button kind="quiet" onClick={() => void seen("THERE")}>
          {texts.itIsThereAfterAll}
        </Button>
      )}
      {refused}
    </li>
  );
}
