import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { useSubmit } from "../../ui/useSubmit";
import { useShopLog } from "../../hands/append";
import type { Tables } from "./tables";
import { texts } from "./words";

/** Words that the log line learned from corrections, each to be taken back. */
export function TaughtWords({ tables }: { tables: Tables }) {
  const { word } = useWords();
  const say = useShopLog("house");
  const { busy, refused, submit } = useSubmit();
  return (
    <section aria-label={texts.learnedAtTheLogLine} className="max-w-[880px]">
      <h2 className="heading border-line border-b pb-1">{texts.learnedAtTheLogLine}</h2>
      {refused}
      {tables.taught.length === 0 ? (
        <p className="text-soft py-2 text-[14px]">{texts.nothingLearnedYet}</p>
      ) : (
        <ul>
          {tables.taught.map((one) => (
            <li
              key={one.id}
              className="border-line/70 grid min-h-11 grid-cols-[260px_minmax(0,1fr)_auto] items-center gap-4 border-b px-1"
            >
              <span>{texts.wordIs(one.phrase, word("wordClass", one.as))}</span>
              <span className="num text-soft text-[14px]">{one.line}</span>
              <Button
                kind="quiet"
                about={one.phrase}
                disabled={busy}
                onClick={() =>
                  void submit(() =>
                    say(
                      [{ kind: "wordTakenBack", id: one.id }],
                      texts.takenBack(one.phrase),
                      tables.lastSequence,
                    ),
                  )
                }
              >
                {texts.takeBack}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
