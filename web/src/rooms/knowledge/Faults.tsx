import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import { faultsQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Pick } from "../../ui/Pick";
import { CauseForm } from "./CauseForm";
import { LookForm } from "./LookForm";
import { texts } from "./words";

/** All that is known of faults: causes by mechanism, and the looks that tell them. A shop changes what it knows better. */
export function Faults() {
  const view = useQuery(faultsQuery).data;
  const [search, setSearch] = useSearchParams();
  const [words, setWords] = useState("");
  if (view === undefined) return null;
  const { knowledge, changed } = view;
  const area = search.get("area") ?? knowledge.areas[0]?.id ?? "";
  const chosen = search.get("entry") ?? "";
  const go = (to: { area?: string; entry?: string }) =>
    setSearch({ area: to.area ?? area, entry: to.entry ?? "" }, { replace: true });
  const said = (one: { words: string; area: string }) =>
    words.trim() === "" ? one.area === area : one.words.toLowerCase().includes(words.trim().toLowerCase());
  const causes = knowledge.causes.filter(said);
  const looks = knowledge.looks.filter(said);
  const cause = knowledge.causes.find((one) => one.id === chosen);
  const look = knowledge.looks.find((one) => one.id === chosen);
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="flex items-center gap-3 px-5 pt-3 pb-1">
        <h1 className="text-[22px]">{texts.faultsAndLooks}</h1>
        <span className="text-soft">
          {texts.causesLooks(knowledge.causes.length, knowledge.looks.length)}
          {changed.length > 0 && texts.changedHere(changed.length)}
        </span>
        <input
          className="input ml-auto w-64"
          aria-label={texts.searchCausesAndLooks}
          placeholder={texts.searchGummedPawl}
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <Link to="/known" className="inline-flex min-h-11 items-center underline">
          {texts.allModels}
        </Link>
      </div>
      <div className="px-5 pb-2">
        <Pick
          small
          label={texts.mechanism}
          choices={knowledge.areas.map((one) => ({ value: one.id, label: one.words }))}
          value={area}
          onChange={(next) => {
            setWords("");
            go({ area: next });
          }}
        />
      </div>
      <div className="bay grid min-h-0 flex-1 grid-cols-[minmax(0,2fr)_minmax(0,3fr)] gap-x-6 px-5 pb-3">
        <div
          className="flex min-h-0 flex-col gap-1 overflow-y-auto"
          tabIndex={0}
          role="group"
          aria-label={texts.entries}
        >
          <Entries
            title={texts.causes}
            entries={causes}
            chosen={chosen}
            changed={changed}
            onChoose={(entry) => go({ entry })}
          />
          <Button className="my-1 self-start" onClick={() => go({ entry: "new" })}>
            {texts.addACauseLabel}
          </Button>
          <Entries
            title={texts.looks}
            entries={looks}
            chosen={chosen}
            changed={changed}
            onChoose={(entry) => go({ entry })}
          />
        </div>
        <div className="min-h-0 overflow-y-auto">
          {(cause !== undefined || chosen === "new") && (
            <CauseForm
              key={chosen}
              knowledge={knowledge}
              cause={cause}
              area={area}
              changed={changed.includes(chosen)}
              onDone={(id) => go({ entry: id })}
            />
          )}
          {look !== undefined && (
            <LookForm key={chosen} knowledge={knowledge} look={look} changed={changed.includes(chosen)} />
          )}
          {cause === undefined && look === undefined && chosen !== "new" && (
            <p className="text-soft max-w-[56ch] py-2">{texts.chooseACauseToSee}</p>
          )}
        </div>
      </div>
    </div>
  );
}

function Entries({
  title,
  entries,
  chosen,
  changed,
  onChoose,
}: {
  title: string;
  entries: { id: string; words: string }[];
  chosen: string;
  changed: string[];
  onChoose: (id: string) => void;
}) {
  return (
    <section aria-label={title}>
      <h2 className="heading border-line border-b pb-1">
        {title} <span className="text-soft num font-normal">{entries.length}</span>
      </h2>
      <ul>
        {entries.map((one) => (
          <li key={one.id} className="border-line/70 border-b">
            <button
              type="button"
              aria-pressed={one.id === chosen}
              className={`hover:bg-sunk min-h-11 w-full px-2 py-1 text-left ${one.id === chosen ? "bg-ready-wash font-bold" : ""}`}
              onClick={() => onChoose(one.id)}
            >
              {one.words}
              {changed.includes(one.id) && (
                <b className="text-mark text-[13.5px]"> {texts.changedHereAfter}</b>
              )}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
