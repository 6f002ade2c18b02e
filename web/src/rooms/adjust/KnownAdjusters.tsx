import { useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { knownAdjustersQuery, useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { KindForm } from "./KindForm";
import { texts } from "./words";

/** What can be turned on which cameras, before a camera taught more; a shop changes what it knows better. */
export function KnownAdjusters() {
  const view = useQuery(knownAdjustersQuery).data;
  const { choices, word } = useWords();
  const [search, setSearch] = useSearchParams();
  if (view === undefined) return null;
  const { book, marks, changed } = view;
  const family = search.get("family") ?? "";
  const chosen = search.get("entry") ?? "";
  const go = (to: { family?: string; entry?: string }) =>
    setSearch({ family: to.family ?? family, entry: to.entry ?? "" }, { replace: true });
  const shown = book.adjusters.filter(
    ({ on }) => family === "" || on.families.length === 0 || (on.families as string[]).includes(family),
  );
  const here = book.adjusters.filter((one) => changed.includes(one.id)).length;
  const kind = book.adjusters.find((one) => one.id === chosen);
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="flex flex-wrap items-center gap-3 px-5 pt-3 pb-2">
        <h1 className="text-[22px]">{texts.adjusters}</h1>
        <span className="text-soft">
          {texts.known(book.adjusters.length)}
          {here > 0 && texts.changedHere(here)}
        </span>
        <label className="flex items-center gap-2">
          {texts.shutter}
          <select
            className="input w-64"
            value={family}
            onChange={(event) => go({ family: event.target.value })}
          >
            <option value="">{texts.allInline}</option>
            {choices("family").map((one) => (
              <option key={one.value} value={one.value}>
                {one.label}
              </option>
            ))}
          </select>
        </label>
        <Link to="/known" className="ml-auto inline-flex min-h-11 items-center underline">
          {texts.allModels}
        </Link>
      </div>
      <div className="bay grid min-h-0 flex-1 grid-cols-[minmax(0,2fr)_minmax(0,3fr)] gap-x-6 px-5 pb-3">
        <div
          className="border-line min-h-0 overflow-y-auto border-t"
          tabIndex={0}
          role="group"
          aria-label={texts.adjusters}
        >
          <ul>
            {shown.map((one) => (
              <li key={one.id} className="border-line/70 border-b">
                <button
                  type="button"
                  aria-pressed={one.id === chosen}
                  className="hover:bg-sunk aria-pressed:bg-ready-wash min-h-11 w-full px-2 py-1 text-left aria-pressed:font-bold"
                  onClick={() => go({ entry: one.id })}
                >
                  {one.name.words}
                  {changed.includes(one.id) && (
                    <b className="text-mark text-[13.5px]"> {texts.changedHereAfter}</b>
                  )}
                  <span className="text-soft block text-[13.5px] font-normal">
                    {one.on.families.length === 0
                      ? texts.anyShutter
                      : one.on.families.map((each) => word("family", each)).join(" · ")}
                  </span>
                </button>
              </li>
            ))}
          </ul>
          <Button className="my-2" onClick={() => go({ entry: "new" })}>
            {texts.addAnAdjusterLabel}
          </Button>
        </div>
        <div className="min-h-0 overflow-y-auto">
          {kind === undefined && chosen !== "new" ? (
            <p className="text-soft max-w-[56ch] py-2">{texts.chooseAnAdjusterToSee}</p>
          ) : (
            <KindForm
              key={chosen}
              book={book}
              marks={marks}
              kind={kind}
              changed={changed.includes(chosen)}
              onDone={(entry) => go({ entry })}
            />
          )}
        </div>
      </div>
    </div>
  );
}
