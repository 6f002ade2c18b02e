import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useRef } from "react";
import { Link } from "react-router";
import {
  issue,
  totalsQuery,
  type PaperKind,
  type Party,
  type Pricing,
  type TypedDraft,
} from "../../api/accounts";
import { Problem } from "../../api/client";
import { newId } from "../../api/ids";
import { moneyTyped } from "../../api/money";
import { refreshed } from "../../api/refreshed";
import { notify } from "../../hands/notices";
import { useSigner } from "../../hands/signer";
import { Button } from "../../ui/Button";
import { minutesWords } from "../../ui/dates";
import { TextField } from "../../ui/Field";
import { Empty } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSettled } from "../../ui/useSettled";
import { useSubmit } from "../../ui/useSubmit";
import { DraftLines } from "./DraftLines";
import { Sums } from "./Sums";
import { fixed, hours, piece } from "./typing";
import { texts } from "./words";

const GOES_OUT: { kind: PaperKind; words: string }[] = [
  { kind: "QUOTE", words: texts.quoteIt },
  { kind: "ORDER", words: texts.orderIt },
  { kind: "BILL", words: texts.billIt },
];

/** A paper while it is drawn up: its lines, what they come to, and sending it out under a number. */
export function DraftSheet({
  draft,
  pricing,
  benchMinutes,
  parts,
  onChange,
  onIssued,
}: {
  draft: TypedDraft;
  pricing: Pricing;
  benchMinutes: number;
  /** Parts that were fitted, each as it is charged. */
  parts: { words: string; minor: number }[];
  onChange: (draft: TypedDraft) => void;
  onIssued: (kind: PaperKind) => void;
}) {
  const { signer } = useSigner();
  const settled = useSettled(draft, 250);
  const reckoned = useQuery({
    ...totalsQuery(settled),
    enabled: settled.lines.length > 0,
    placeholderData: keepPreviousData,
  });
  const { refused, busy, submit } = useSubmit();
  // what is sent again after a lost answer goes out once; what was changed since is another paper
  const sending = useRef({ of: "", id: "" });
  const problem = reckoned.error instanceof Problem ? reckoned.error : undefined;
  const said = (field: string) =>
    problem?.field === field ? `${problem.message} ${problem.remedy}` : undefined;
  const beside =
    problem !== undefined && (problem.field.startsWith("lines.") || problem.field === "discount");
  const lines = (added: TypedDraft["lines"][number]) =>
    onChange({ ...draft, lines: [...draft.lines, added] });
  const ready =
    reckoned.data !== undefined && problem === undefined && settled === draft && draft.lines.length > 0;
  const send = async (kind: PaperKind) => {
    if (reckoned.data === undefined) return;
    const { totals, quotedMinor } = reckoned.data;
    const seenMinor = kind === "QUOTE" || kind === "ORDER" ? quotedMinor : totals.dueMinor;
    const of = JSON.stringify({ ...draft, kind });
    if (sending.current.of !== of) sending.current = { of, id: newId() };
    const held = await issue({ by: signer, id: sending.current.id, draft: { ...draft, kind }, seenMinor });
    sending.current = { of: "", id: "" };
    notify({ kind: "done", text: texts.made(wordsOf(kind), held.paper.number) });
    refreshed("accounts");
    onIssued(kind);
  };
  return (
    <div className="flex flex-col gap-3">
      {draft.lines.length === 0 ? (
        <Empty>{texts.addALine}</Empty>
      ) : (
        <DraftLines
          lines={draft.lines}
          amounts={problem === undefined ? (reckoned.data?.linesMinor ?? []) : []}
          {...{ pricing, said }}
          onChange={(changed) => onChange({ ...draft, lines: changed })}
        />
      )}
      <div className="flex flex-wrap items-center gap-2">
        <span className="text-soft text-[14px]">{texts.add}</span>
        {benchMinutes > 0 && (
          <Button onClick={() => lines(hours(pricing, benchMinutes))}>
            {texts.addBenchTime(minutesWords(benchMinutes))}
          </Button>
        )}
        {parts.length > 0 && (
          <Button
            onClick={() =>
              onChange({
                ...draft,
                lines: [
                  ...draft.lines,
                  ...parts.map((one) => ({
                    ...piece(pricing),
                    words: one.words,
                    price: moneyTyped(one.minor),
                  })),
                ],
              })
            }
          >
            {texts.addParts(parts.length)}
          </Button>
        )}
        <Button onClick={() => lines(hours(pricing))}>{texts.addHours}</Button>
        {pricing.fixed.map((one) => (
          <Button key={one.id} onClick={() => lines(fixed(pricing, one))}>
            {one.words}
          </Button>
        ))}
        <Button onClick={() => lines(piece(pricing))}>{texts.addPiece}</Button>
      </div>
      {draft.lines.length > 0 && (
        <>
          <div className="wide:grid-cols-[minmax(0,1fr)_minmax(0,360px)] grid items-start gap-x-6 gap-y-2">
            <div className="flex flex-col gap-2">
              <TextField
                label={texts.discountOnAll}
                value={draft.discount}
                aria-invalid={said("discount") === undefined ? undefined : true}
                hint={said("discount")}
                onChange={(event) => onChange({ ...draft, discount: event.target.value })}
              />
              <TextField
                label={texts.note}
                value={draft.note}
                onChange={(event) => onChange({ ...draft, note: event.target.value })}
              />
            </div>
            {reckoned.data !== undefined && problem === undefined && (
              <Sums totals={reckoned.data.totals} included={pricing.taxes.included} />
            )}
          </div>
          {problem !== undefined && !beside && <ProblemNote problem={problem} />}
          <Buyer buyer={draft.buyer} onChange={(buyer) => onChange({ ...draft, buyer })} />
          {refused}
          {pricing.seller === undefined ? (
            <p>
              {texts.sellerMissing}{" "}
              <Link to="/house/prices" className="underline">
                {texts.enterThem}
              </Link>
            </p>
          ) : (
            <div className="flex flex-wrap items-center gap-2">
              {(draft.kind === "CREDIT"
                ? [{ kind: "CREDIT" as const, words: texts.creditIt }]
                : GOES_OUT
              ).map((one) => (
                <Button
                  key={one.kind}
                  kind={one.kind === "BILL" || one.kind === "CREDIT" ? "primary" : "plain"}
                  disabled={!ready || busy}
                  onClick={() => void submit(() => send(one.kind))}
                >
                  {one.words}
                </Button>
              ))}
              <span className="text-soft text-[13.5px]">{texts.numberIsFinal}</span>
            </div>
          )}
        </>
      )}
    </div>
  );
}

const wordsOf = (kind: PaperKind) =>
  ({
    QUOTE: texts.kindQuote,
    ORDER: texts.kindOrder,
    BILL: texts.kindBill,
    RECEIPT: texts.receipt,
    CREDIT: texts.creditNote,
  })[kind];

function Buyer({ buyer, onChange }: { buyer: Party; onChange: (buyer: Party) => void }) {
  const field = (name: keyof Party, label: string, wrap = "", hint?: string) => (
    <TextField
      label={label}
      wrap={wrap}
      hint={hint}
      value={buyer[name]}
      onChange={(event) => onChange({ ...buyer, [name]: event.target.value })}
    />
  );
  return (
    <fieldset className="grid grid-cols-6 gap-x-3 gap-y-1.5">
      <legend className="heading pb-1">{texts.buyer}</legend>
      {field("name", texts.name, "col-span-3")}
      {field("street", texts.street, "col-span-3")}
      {field("postcode", texts.postcode, "col-span-1")}
      {field("town", texts.town, "col-span-2")}
      {field("country", texts.country, "col-span-3", texts.countryNeeded)}
      {field("taxNumber", texts.taxNumber, "col-span-3")}
      {field("email", texts.email, "col-span-3")}
    </fieldset>
  );
}
