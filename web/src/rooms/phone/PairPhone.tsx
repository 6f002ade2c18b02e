import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import { serverNow } from "../../api/clock";
import { codeForPhone, endPhone, phonesQuery, type CodeShown } from "../../api/phone";
import { benchId } from "../../hands/bench";
import { orSay } from "../../hands/notices";
import { useSigner } from "../../hands/signer";
import { Button } from "../../ui/Button";
import { moment } from "../../ui/dates";
import { Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { useSubmit } from "../../ui/useSubmit";
import { Window } from "../../ui/Window";
import { texts } from "./words";

/** The code that makes a phone the camera of this bench, and the phones that are it already. */
export function PairPhone({
  tag,
  onOpenChange,
}: {
  tag: string | undefined;
  onOpenChange: (open: boolean) => void;
}) {
  const client = useQueryClient();
  const { signer } = useSigner();
  const phones = useQuery(phonesQuery).data ?? [];
  const mine = phones.filter((one) => one.bench === benchId() || (tag !== undefined && one.onlyJob === tag));
  const [only, setOnly] = useState("bench");
  const [shown, setShown] = useState<CodeShown>();
  const { refused, submit } = useSubmit();
  const ask = () =>
    submit(async () => setShown(await codeForPhone(signer, benchId(), only === "job" ? tag : undefined)));
  useEffect(() => {
    void ask();
    // a code for what is chosen now, by whoever signs now
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [only, signer, phones.length]);
  return (
    <Window open wide title={texts.phoneAsCamera} onOpenChange={onOpenChange}>
      <div className="grid gap-6 min-[720px]:grid-cols-[300px_minmax(0,1fr)]">
        <div className="flex flex-col gap-2">
          {shown !== undefined && <Drawing code={shown} />}
          {refused}
          {shown !== undefined && (
            <p className="text-soft text-[14px]">{texts.worksUntil(moment(shown.until, serverNow()))}</p>
          )}
          <Button onClick={() => void ask()}>{texts.newCode}</Button>
        </div>
        <div className="flex min-w-0 flex-col gap-4">
          <p className="text-[17px]">{texts.scanThis}</p>
          {shown?.reachable === false && (
            <p className="border-mark-line bg-mark-wash text-mark rounded-[4px] border-l-4 px-3 py-2 font-bold">
              {texts.notReachable}
            </p>
          )}
          <Pick
            label={texts.whatItIsFor}
            value={only}
            onChange={setOnly}
            choices={[
              { value: "bench", label: texts.theBench },
              ...(tag === undefined ? [] : [{ value: "job", label: texts.thisCamera(tag) }]),
            ]}
          />
          {shown !== undefined && <p className="num text-soft text-[13.5px] break-all">{shown.address}</p>}
          {shown?.reachable === true && (
            <p className="text-soft text-[14px]">
              {texts.firstTime}{" "}
              <Link to="/authority" className="text-ink underline">
                {texts.howToInstall}
              </Link>
            </p>
          )}
          {mine.length > 0 && (
            <Panel title={texts.paired} note={`${mine.length}`}>
              <ul className="divide-line flex flex-col divide-y">
                {mine.map((one) => (
                  <li key={one.id} className="flex items-center gap-3 py-1">
                    <span className="min-w-0 flex-1">
                      <b className="block">{texts.pairedSince(one.signer, moment(one.begun, serverNow()))}</b>
                      <span className="text-soft text-[14px]">
                        {one.onlyJob === undefined ? texts.theBench : texts.thisCamera(one.onlyJob)} ·{" "}
                        {texts.endsAt(moment(one.endsAt, serverNow()))}
                      </span>
                    </span>
                    <Button
                      aria-label={texts.endPhoneOf(one.signer)}
                      onClick={() =>
                        orSay(
                          endPhone(one.id).then((left) => client.setQueryData(phonesQuery.queryKey, left)),
                        )
                      }
                    >
                      {texts.endIt}
                    </Button>
                  </li>
                ))}
              </ul>
            </Panel>
          )}
        </div>
      </div>
    </Window>
  );
}

/** Always dark on light, since phones read it so whatever the bench's colours are. */
function Drawing({ code }: { code: CodeShown }) {
  const { size, path } = code.drawing;
  return (
    <svg
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label={texts.codeDrawing}
      shapeRendering="crispEdges"
      className="w-full max-w-[300px] bg-white"
    >
      <path d={path} fill="#000000" />
    </svg>
  );
}
