import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { z } from "zod";
import type { Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { type CameraKind, interchangeQuery } from "../../api/shelf";
import { useShopLog } from "../../hands/append";
import { Button } from "../../ui/Button";
import { FormOwn, FormPick, FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { as, oneOf, text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Empty, Panel } from "../../ui/Panel";
import { KindFields } from "./KindFields";
import { ANY_KIND, kindWords } from "./things";
import { texts } from "./words";

/** Which part of which camera goes into which other, by what was tried here and what is said. */
export function Fits() {
  const pairs = useQuery(interchangeQuery).data;
  const [find, setFind] = useState("");
  if (pairs === undefined) return null;
  const words = find.trim().toLowerCase();
  const found = pairs.filter((pair) =>
    `${pair.part} ${kindWords(pair.from)} ${kindWords(pair.into)}`.toLowerCase().includes(words),
  );
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_420px] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_360px]">
      <div
        className="flex min-h-0 flex-col gap-2 overflow-y-auto px-5 py-3"
        tabIndex={0}
        role="group"
        aria-label={texts.knownInterchange}
      >
        <input
          className="input w-80!"
          aria-label={texts.searchForAPartOr}
          placeholder={texts.focusRackTwin2ndPattern}
          value={find}
          onChange={(event) => setFind(event.target.value)}
        />
        {pairs.length === 0 && <Empty>{texts.nothingIsKnownYetWhen}</Empty>}
        <ul>
          {found.map((pair) => (
            <PairLine key={`${pair.part} ${kindWords(pair.from)} ${kindWords(pair.into)}`} pair={pair} />
          ))}
        </ul>
      </div>
      <aside
        tabIndex={0}
        aria-label={texts.addWhatYouKnow}
        className="border-line bg-sheet min-h-0 overflow-y-auto border-l px-4 py-3"
      >
        <State />
      </aside>
    </div>
  );
}

function PairLine({ pair }: { pair: Schemas["Pair"] }) {
  const { belief } = pair;
  const percent = (chance: number) => `${100 * chance}%`;
  return (
    <li className="border-line/70 grid grid-cols-[minmax(0,1fr)_260px] items-center gap-4 border-b py-1.5">
      <span>
        <b>{pair.part === "" ? texts.partsInGeneral : pair.part}</b>{" "}
        {texts.ofIn(kindWords(pair.from), kindWords(pair.into))}
        <span className="text-soft block text-[13.5px]">
          {belief.tries > 0 && (
            <>
              {texts.fitsOfHere(belief.fits, belief.tries)}
              {belief.fits > 0 &&
                belief.asIs < 1 &&
                texts.withWork(Math.round(belief.fits * (1 - belief.asIs)))}
            </>
          )}
          {belief.tries === 0 && texts.neverTriedHere}
          {belief.stated !== "" && ` · ${belief.stated}`}
          {belief.indirect.length > 0 && <i> {texts.weakerEvidence(belief.indirect.join("; "))}</i>}
        </span>
      </span>
      <span className="flex items-center gap-3">
        <span className="bg-sunk border-line relative h-4 flex-1 rounded-[2px] border" aria-hidden="true">
          <span
            className="bg-ready-wash absolute inset-y-0"
            style={{ left: percent(belief.low), right: percent(1 - belief.high) }}
          />
          <span
            className="bg-ready absolute inset-y-[-3px] w-[3px]"
            style={{ left: percent(belief.chance) }}
          />
        </span>
        <span className="num w-24 text-right text-[14px]">
          <b>{Math.round(100 * belief.chance)} %</b>{" "}
          <span className="text-soft">
            {Math.round(100 * belief.low)}–{Math.round(100 * belief.high)}
          </span>
        </span>
      </span>
    </li>
  );
}

const FIT = z.object({
  part: text,
  from: as<CameraKind>(),
  into: as<CameraKind>(),
  strength: oneOf<Schemas["StatedFit"]["strength"]>(),
  note: text,
});

function State() {
  const { choices } = useWords();
  const say = useShopLog("shelf");
  const form = useFormOf(
    FIT,
    { part: "", from: ANY_KIND, into: ANY_KIND, strength: "MOSTLY", note: "" },
    async (stated) => {
      await say([{ kind: "fitStated", stated }], texts.saved);
      form.setValue("part", "");
      form.setValue("note", "");
    },
    "fit",
  );
  const { from, into } = form.watch();
  return (
    <Panel title={texts.addWhatYouKnow}>
      <Form form={form} className="flex flex-col gap-3">
        <FormText form={form} name="part" label={texts.partEmptyPartsInGeneral} />
        <FormOwn form={form} name="from">
          {(kind, set) => <KindFields which={texts.partFrom} value={kind} onChange={set} />}
        </FormOwn>
        <p className="font-bold">{texts.goesInto}</p>
        <FormOwn form={form} name="into">
          {(kind, set) => <KindFields which={texts.cameraInto} value={kind} onChange={set} />}
        </FormOwn>
        <FormPick form={form} name="strength" label={texts.howCertain} choices={choices("strength")} />
        <FormText form={form} name="note" label={texts.howYouKnow} />
        <p className="text-soft text-[13.5px]">{texts.itCountsAsFourTries}</p>
        {form.refused}
        <Button
          kind="primary"
          type="submit"
          className="self-start"
          disabled={from.model === "" || into.model === ""}
        >
          {texts.save}
        </Button>
      </Form>
    </Panel>
  );
}
