import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { jobAccountsQuery } from "../../api/accounts";
import { Problem } from "../../api/client";
import { currencyCode } from "../../api/money";
import { datesQuery, figuresQuery, optionsQuery, type TypedSheet } from "../../api/offer";
import { useAppend } from "../../hands/append";
import { useKept } from "../../hands/draft";
import { useKeys } from "../../hands/keys";
import { useJob } from "../../hands/useJob";
import { Button } from "../../ui/Button";
import { exact } from "../../ui/dates";
import { TextField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSettled } from "../../ui/useSettled";
import { useSubmit } from "../../ui/useSubmit";
import { keepQuote, OwnerTabs } from "../accounts";
import { OptionChart } from "./OptionChart";
import { OptionEditor } from "./OptionEditor";
import { OwnerAside } from "./OwnerAside";
import { texts } from "./words";

/** What can be done about a camera and what each of it comes to; beside it, what its owner was asked and agreed to. */
export function OptionsPage() {
  const job = useJob();
  const page = useQuery(optionsQuery(job.tag, job.lastSequence)).data;
  const [typed, keep] = useKept<TypedSheet | undefined>(`options ${job.tag}`, undefined);
  const sheet = typed ?? page?.sheet;
  if (page === undefined || sheet === undefined) return null;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_372px] grid h-full min-h-0 grid-cols-[minmax(0,1fr)_330px] overflow-hidden">
      <div className="min-h-0 overflow-y-auto px-5 py-4">
        <OwnerTabs tag={job.tag} at="options" />
        <Sheet
          sheet={sheet}
          typed={typed !== undefined}
          logged={page.logged}
          suggested={page.suggested}
          onChange={keep}
        />
      </div>
      <OwnerAside
        job={job}
        today={page.today}
        sheetLogged={page.logged !== undefined}
        options={page.sheet.options}
      />
    </div>
  );
}

function Sheet({
  sheet,
  typed,
  logged,
  suggested,
  onChange,
}: {
  sheet: TypedSheet;
  typed: boolean;
  logged: string | undefined;
  suggested: TypedSheet;
  onChange: (sheet: TypedSheet | undefined) => void;
}) {
  const job = useJob();
  const append = useAppend(job.tag);
  const settled = useSettled(sheet, 250);
  const worked = useQuery(figuresQuery(job.tag, settled));
  const readable = worked.data !== undefined && worked.error === null;
  const dates = useQuery({ ...datesQuery(job.tag, settled), enabled: readable }).data;
  const { refused, busy, submit } = useSubmit();
  const navigate = useNavigate();
  const pricing = useQuery(jobAccountsQuery(job.tag)).data?.pricing;
  const [picked, setPicked] = useState("");
  const chosen = sheet.options.find((one) => one.id === picked) ?? sheet.options[1] ?? sheet.options[0];
  const at = chosen === undefined ? -1 : sheet.options.indexOf(chosen);
  const problem = worked.error instanceof Problem ? worked.error : undefined;
  const beside = problem?.field.startsWith(`options.${at}.`) ?? false;
  const agreed = job.offer.agreements.at(-1)?.what;
  const log = async () => {
    if (worked.data === undefined) return;
    await append([{ ...worked.data.entry, kind: "optionsDrawn" }], { said: texts.logged });
    onChange(undefined);
  };
  const canLog = !busy && readable && settled === sheet && (typed || logged === undefined);
  useKeys({ Enter: () => canLog && void submit(log) });
  const change = (options: TypedSheet["options"]) => onChange({ ...sheet, options });
  const field = (name: "asIs" | "lost", label: string) => (
    <TextField
      label={label}
      wrap="w-[176px]"
      inputMode="decimal"
      value={sheet[name]}
      aria-invalid={problem?.field === name ? true : undefined}
      hint={problem?.field === name ? problem.message : undefined}
      onChange={(event) => onChange({ ...sheet, [name]: event.target.value })}
    />
  );
  return (
    <div className="flex flex-col gap-5">
      <Panel
        title={texts.options}
        note={typed ? texts.changed : logged === undefined ? texts.suggested : texts.loggedOn(exact(logged))}
      >
        {sheet.fork !== "" && <p className="max-w-[80ch]">{sheet.fork}</p>}
        <OptionChart
          options={sheet.options}
          rows={worked.data?.rows ?? []}
          dates={dates}
          limitMinor={job.cost.limit?.limitMinor}
          agreed={agreed?.option}
          chosen={chosen?.id ?? ""}
          onChoose={setPicked}
        />
        {problem !== undefined && !beside && problem.field !== "asIs" && problem.field !== "lost" && (
          <ProblemNote problem={problem} />
        )}
        {refused}
        <div className="flex flex-wrap items-end gap-3">
          <Button kind="primary" keyHint="↵" disabled={!canLog} onClick={() => void submit(log)}>
            {texts.logIt}
          </Button>
          <Button onClick={() => change([...sheet.options, another(sheet)])}>{texts.addOption}</Button>
          {(typed || logged !== undefined) && (
            <Button
              kind="quiet"
              onClick={() => onChange(typed && logged === undefined ? undefined : suggested)}
            >
              {texts.startAgain}
            </Button>
          )}
          <span className="flex-1" />
          <span className="flex gap-3">
            {field("asIs", texts.asIs(currencyCode()))}
            {field("lost", texts.lostWorth(currencyCode()))}
          </span>
        </div>
      </Panel>
      {chosen !== undefined && (
        <OptionEditor
          key={chosen.id}
          option={chosen}
          at={at}
          row={worked.data?.rows.find((row) => row.id === chosen.id)}
          problem={problem}
          onChange={(changed) =>
            change(sheet.options.map((one) => (one.id === chosen.id ? { ...one, ...changed } : one)))
          }
          onRemove={() => change(sheet.options.filter((one) => one.id !== chosen.id))}
          onQuote={
            pricing === undefined
              ? undefined
              : () => {
                  keepQuote(job, chosen, pricing);
                  void navigate(`/camera/${job.tag}/money`);
                }
          }
        />
      )}
    </div>
  );
}

/** One of its own, beginning as the last one is. */
function another(sheet: TypedSheet): TypedSheet["options"][number] {
  let number = 1;
  while (sheet.options.some((one) => one.id === `own-${number}`)) number++;
  const last = sheet.options.at(-1);
  return {
    id: `own-${number}`,
    kind: "OWN",
    name: texts.another,
    steps: last?.steps ?? [],
    parts: [],
    worth: last?.worth ?? "",
  };
}
