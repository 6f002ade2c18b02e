import { useMay } from "../../hands/signer";
import { useShopLog } from "../../hands/append";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { z } from "zod";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { catalogueQuery, type Source, sourcesQuery } from "../../api/shelf";
import { Button } from "../../ui/Button";
import { FormPart, FormText } from "../../form/fields";
import { text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { money } from "../../api/money";
import { Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import { PartAtHand, partNamed } from "../part";
import { SourcePicture, Terms } from "../shelf";
import { keeping, ordering, puttingBack, taking } from "../shelf";
import { MendForm } from "./MendForm";
import type { Piece } from "./Replaced";
import { texts } from "./words";

const NEED = z.object({ part: text, need: text });

/** Opens a need. */
export function NewNeed({ job, onOpened }: { job: JobView; onOpened: (part: string) => void }) {
  const append = useAppend(job.tag);
  const form = useFormOf(
    NEED,
    { part: "", need: "" },
    async ({ part, need }) => {
      await append([{ kind: "needOpened", part, what: need || part, piece: "" }], {
        said: texts.neededOf(need || part),
      });
      onOpened(part);
    },
    `need.${job.tag}`,
  );
  return (
    <MendForm title={texts.partNeeded} form={form} action={texts.findASourceLabel}>
      <FormPart form={form} job={job} placeholder={texts.governor} />
      <FormText form={form} name="need" label={texts.details} placeholder={texts.pinionOf14Teeth} />
    </MendForm>
  );
}

/** From where one need can be met, the best first, each with its whole sum. */
export function SourcesOf({
  job,
  part,
  onFit,
}: {
  job: JobView;
  part: string;
  onFit: (piece: Piece) => void;
}) {
  const found = useQuery(sourcesQuery(job.tag, job.lastSequence, part));
  const [open, setOpen] = useState<string>();
  const priced = useMay("MONEY");
  if (found.error !== null) return <ProblemNote problem={found.error} />;
  if (found.data === undefined) return null;
  const { asked, sources, atBench } = found.data;
  const off = partNamed(job, part);
  const shown = open ?? (atBench.length > 0 ? "" : sources[0]?.id);
  return (
    <Panel
      title={texts.sourcesForA(part)}
      note={
        <>
          {priced && texts.worth(money(asked.worthMinor))}{" "}
          <Link to="/shelf/needs" className="underline">
            {texts.seeAllNeeds}
          </Link>
        </>
      }
    >
      {atBench.map((taken) => (
        <TakenLine key={`${taken.thing.of} ${taken.since}`} taken={taken} part={part} onFit={onFit} />
      ))}
      <ul className="flex flex-col">
        {sources.map((source) => (
          <li key={source.id} className="border-line/70 border-b">
            <button
              type="button"
              aria-expanded={source.id === shown}
              onClick={() => setOpen(source.id === shown ? "" : source.id)}
              className={`grid min-h-14 w-full grid-cols-[minmax(0,1fr)_136px_96px] items-center gap-3 px-2 py-1.5 text-left ${source.id === shown ? "bg-ready-wash" : "hover:bg-sunk"}`}
            >
              <span>
                <b>{source.what.words}</b>
                {source.keptForThis && <span className="text-done font-bold"> {texts.reservedForThis}</span>}
                <span className="text-soft block text-[13.5px]">
                  {source.what.where} · {source.chances.fitWords}
                  {source.what.pieces > 1 && texts.inStock(source.what.pieces)}
                  {source.effort.days > 0 && texts.days(source.effort.days)}
                </span>
              </span>
              <span className="text-soft text-right text-[14px]">
                {texts.fitsAndWorks(Math.round(100 * source.chances.fits * source.chances.works))}
              </span>
              {priced && (
                <b className={`text-right whitespace-nowrap ${source.worth.netMinor < 0 ? "text-stop" : ""}`}>
                  {texts.net(money(source.worth.netMinor))}
                </b>
              )}
            </button>
            {source.id === shown && <OneSource job={job} part={part} source={source} onFit={onFit} />}
          </li>
        ))}
      </ul>
      {off !== undefined && <PartAtHand job={job} part={off} />}
    </Panel>
  );
}

function OneSource({
  job,
  part,
  source,
  onFit,
}: {
  job: JobView;
  part: string;
  source: Source;
  onFit: (piece: Piece) => void;
}) {
  const say = useShopLog("shelf");
  const { refused, submit } = useSubmit();
  const catalogue = useQuery({
    ...catalogueQuery(source.what.number),
    enabled: source.what.number !== "",
  }).data;
  const item = catalogue?.found.find((one) => one.number === source.what.number);
  const forNeed = { tag: job.tag, part };
  const keep = keeping(source, forNeed);
  return (
    <div className="grid grid-cols-[minmax(0,340px)_minmax(0,1fr)] gap-6 px-2 pt-1 pb-3">
      <Terms terms={source.worth.terms} net={source.worth.netMinor} />
      <div className="flex flex-wrap content-start items-start gap-2">
        <SourcePicture name={source.what.picture} of={source.what.words} className="h-[132px] w-[184px]" />
        {source.what.thing !== undefined && (
          <Button
            kind="primary"
            onClick={() =>
              void submit(() => say([taking(source.what.thing!, forNeed)], texts.takenItIsAtThe))
            }
          >
            {texts.takeIt}
          </Button>
        )}
        {keep !== undefined && !source.keptForThis && (
          <Button onClick={() => void submit(() => say([keep], texts.reservedForThisCamera))}>
            {texts.reserveIt}
          </Button>
        )}
        {source.keptForThis && source.what.thing !== undefined && (
          <Button
            onClick={() =>
              void submit(() =>
                say([{ kind: "released", thing: source.what.thing!, forNeed }], texts.noLongerReserved),
              )
            }
          >
            {texts.releaseIt}
          </Button>
        )}
        {catalogue !== undefined && item !== undefined && (
          <Button
            kind="primary"
            onClick={() =>
              void submit(() =>
                say([ordering(item, catalogue.supplier, forNeed)], texts.orderedForThisCamera),
              )
            }
          >
            {texts.orderIt}
          </Button>
        )}
        {source.kind === "FABRICATED" && (
          <Button
            onClick={() => onFit({ part, source: "FABRICATED", from: "", dimensions: "", costMinor: 0 })}
          >
            {texts.newPartReadyFitIt}
          </Button>
        )}
        {refused}
      </div>
    </div>
  );
}

/** It lies at the bench: looked over, then fitted, or back in its place. */
function TakenLine({
  taken,
  part,
  onFit,
}: {
  taken: Schemas["AtBench"];
  part: string;
  onFit: (piece: Piece) => void;
}) {
  const say = useShopLog("shelf");
  const { refused, submit } = useSubmit();
  const donor = taken.thing.part !== "";
  const source = taken.source;
  return (
    <div className="border-mark-line bg-mark-wash flex flex-wrap items-center gap-3 rounded-[3px] border-l-4 px-3 py-1.5">
      <span className="min-w-0 flex-1">
        {texts.atTheBench} <b>{taken.words}</b>
        <span className="block text-[13.5px]">{texts.checkItBeforeFittingStraight}</span>
      </span>
      <Button
        kind="primary"
        onClick={() =>
          onFit({
            part,
            source: donor ? "DONOR" : source.madeFor.model === "" ? "GENERIC" : "STOCK",
            from: source.from,
            madeFor: source.madeFor.model === "" ? undefined : source.madeFor,
            dimensions: source.dimensions,
            costMinor: source.costMinor,
            fromShelf: taken.thing.of,
          })
        }
      >
        {texts.fitIt}
      </Button>
      <Button onClick={() => void submit(() => say([puttingBack(taken)], texts.returnedToItsPlace))}>
        {texts.returnToTheShelf}
      </Button>
      {refused}
    </div>
  );
}
