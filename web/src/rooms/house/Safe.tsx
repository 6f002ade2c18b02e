import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { Link } from "react-router";
import { serverNow } from "../../api/clock";
import {
  backUp,
  backupsQuery,
  healthQuery,
  noteFinding,
  planBackups,
  type Backups,
  type Finding,
} from "../../api/safe";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { moment } from "../../ui/dates";
import { TextField } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { texts } from "./words";

/** Whether all that was logged is whole, and whether there are copies of it. */
export function Safe() {
  const backups = useQuery(backupsQuery).data;
  const health = useQuery(healthQuery).data;
  if (backups === undefined || health === undefined) return null;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] grid min-h-0 flex-1 grid-cols-1 content-start gap-x-8 gap-y-5 overflow-y-auto px-5 py-4">
      <div className="wide:col-span-2 flex items-baseline gap-4">
        <h1 className="text-[22px]">{texts.backupsAndDamage}</h1>
        <Link to="/house" className="inline-flex min-h-11 items-center underline">
          {texts.settings}
        </Link>
      </div>
      <div className="flex flex-col gap-6">
        <Last backups={backups} />
        <Plan key={JSON.stringify(backups.plan)} backups={backups} />
      </div>
      <div className="flex flex-col gap-6">
        <Damage findings={health.findings} />
        <Panel title={texts.inTheTerminal}>
          <Command does={texts.doesBackup}>{texts.typeBackup}</Command>
          <Command does={texts.doesRestore}>{texts.typeRestore}</Command>
          <Command does={texts.doesCheck}>{texts.typeCheck}</Command>
        </Panel>
      </div>
    </div>
  );
}

function Command({ does, children }: { does: string; children: ReactNode }) {
  return (
    <div>
      <code className="num bg-sunk rounded-[3px] px-1.5 py-0.5 text-[14px]">{children}</code>
      <p className="text-soft mt-0.5 text-[14px]">{does}</p>
    </div>
  );
}

function Last({ backups }: { backups: Backups }) {
  const client = useQueryClient();
  const [busy, setBusy] = useState(false);
  const good = backups.lastGood;
  const failed = backups.last !== undefined && backups.last.problem !== "" ? backups.last : undefined;
  const make = async () => {
    setBusy(true);
    try {
      client.setQueryData(backupsQuery.queryKey, await backUp());
    } finally {
      setBusy(false);
    }
  };
  return (
    <Panel title={texts.lastBackup}>
      {good === undefined ? (
        <Empty>{texts.noBackupYet}</Empty>
      ) : (
        <div>
          <p className="text-[19px] font-bold">{moment(good.madeAt, serverNow())}</p>
          <p>{texts.backupHolds(good.lines, Math.max(1, Math.round(good.bytes / 1e6)))}</p>
          <p className="num text-soft text-[14px] break-all">{good.file}</p>
        </div>
      )}
      {failed !== undefined && (
        <div role="alert" className="border-stop bg-stop-wash rounded-[4px] border-l-4 px-3 py-2">
          <p className="text-stop font-bold">
            {texts.backupFailed(moment(failed.madeAt, serverNow()))} {failed.problem}
          </p>
        </div>
      )}
      <div>
        <Button kind="primary" disabled={busy} onClick={() => orSay(make())}>
          {busy ? texts.backingUp : texts.backUpNow}
        </Button>
      </div>
    </Panel>
  );
}

function Plan({ backups }: { backups: Backups }) {
  const client = useQueryClient();
  const [typed, setTyped] = useState({
    folder: backups.plan.folder,
    everyHours: String(backups.plan.everyHours),
    keep: String(backups.plan.keep),
  });
  const [problem, setProblem] = useState<unknown>();
  const save = async () => {
    try {
      const read = { folder: typed.folder, everyHours: figure(typed.everyHours), keep: figure(typed.keep) };
      client.setQueryData(backupsQuery.queryKey, await planBackups(read));
      setProblem(undefined);
    } catch (refused) {
      setProblem(refused);
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <Panel title={texts.backupsByThemselves}>
        <TextField
          label={texts.backupFolder}
          value={typed.folder}
          placeholder={backups.folder}
          hint={texts.backupFolderHint}
          onChange={(event) => setTyped({ ...typed, folder: event.target.value })}
        />
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label={texts.everyHours}
            inputMode="numeric"
            value={typed.everyHours}
            hint={texts.everyHoursHint}
            onChange={(event) => setTyped({ ...typed, everyHours: event.target.value })}
          />
          <TextField
            label={texts.keepBackups}
            inputMode="numeric"
            value={typed.keep}
            onChange={(event) => setTyped({ ...typed, keep: event.target.value })}
          />
        </div>
        <ProblemNote problem={problem} />
        <div>
          <Button type="submit">{texts.save}</Button>
        </div>
      </Panel>
    </form>
  );
}

/** What is no figure is left to the server to refuse. */
const figure = (typed: string) => (/^\d+$/.test(typed.trim()) ? Number(typed) : -1);

function Damage({ findings }: { findings: Finding[] }) {
  const client = useQueryClient();
  const note = async (id: number) => client.setQueryData(healthQuery.queryKey, await noteFinding(id));
  return (
    <Panel title={texts.damage}>
      {findings.length === 0 ? (
        <Empty>{texts.nothingDamaged}</Empty>
      ) : (
        <ul className="flex flex-col gap-3">
          {findings.map((one) => (
            <li key={one.id} className="border-stop border-l-4 pl-3">
              <p className="font-bold">{one.what}</p>
              <p>{one.remedy}</p>
              <div className="mt-1 flex items-center gap-3">
                {/^R-/.test(one.log) && (
                  <Link
                    to={`/camera/${one.log}/record`}
                    className="inline-flex min-h-11 items-center underline"
                  >
                    {texts.recordOf(one.log)}
                  </Link>
                )}
                <Button onClick={() => orSay(note(one.id))} about={one.what}>
                  {texts.takenNote}
                </Button>
              </div>
            </li>
          ))}
        </ul>
      )}
    </Panel>
  );
}
