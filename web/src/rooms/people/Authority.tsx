import { useQuery } from "@tanstack/react-query";
import { AUTHORITY_FILE, networkQuery } from "../../api/people";
import { Panel } from "../../ui/Panel";
import { Fingerprint } from "./Fingerprint";
import { texts } from "./words";

/** How a device learns to know this Ruvant. It can be read before anybody signed in: that comes after it. */
export function Authority() {
  const network = useQuery(networkQuery).data;
  return (
    <div className="bg-mat h-full overflow-y-auto p-4">
      <main className="border-line bg-sheet mx-auto flex max-w-[720px] flex-col gap-5 rounded-[6px] border px-6 py-5">
        <div>
          <p className="text-soft text-[14px] font-bold">{texts.ruvant}</p>
          <h1 className="text-[24px]">{texts.authority}</h1>
        </div>
        {network === undefined ? (
          <p>{texts.loading}</p>
        ) : network.fingerprint === undefined ? (
          <p>{texts.notEncrypted}</p>
        ) : (
          <>
            <p>
              {texts.authorityAbout} {texts.vouchesFor}
            </p>
            <div className="border-mark-line bg-mark-wash flex flex-col gap-2 rounded-[4px] border-l-4 px-4 py-2">
              <p>{texts.authorityFirst}</p>
              <Fingerprint network={network} />
            </div>
            <a
              href={AUTHORITY_FILE}
              download
              className="bg-ready text-on-ready inline-flex min-h-14 items-center justify-center rounded-[4px] px-5 text-[17px] font-bold"
            >
              {texts.download}
            </a>
            <div className="grid gap-5 min-[640px]:grid-cols-2">
              <Steps title={texts.phoneOrTablet} steps={texts.stepsPhone} />
              <Steps title={texts.computer} steps={texts.stepsComputer} />
            </div>
          </>
        )}
      </main>
    </div>
  );
}

function Steps({ title, steps }: { title: string; steps: string[] }) {
  return (
    <Panel title={title}>
      <ol className="list-decimal pl-5">
        {steps.map((step) => (
          <li key={step} className="mb-1.5">
            {step}
          </li>
        ))}
      </ol>
    </Panel>
  );
}
