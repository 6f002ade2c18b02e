import { useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { answer, server } from "../../api/client";
import { houseQuery } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

/** The demo shop, to look around in: it is set up beside one's own and nothing of it is kept. */
export function DemoOffer() {
  const demo = useQuery(houseQuery).data?.demo ?? true;
  const [port, setPort] = useState<number>();
  const { refused, busy, submit } = useSubmit();
  if (demo) return null;
  return (
    <Panel
      title={texts.lookAroundFirst}
      className="bg-sheet border-line max-w-[380px] min-w-[260px] flex-1 rounded-[5px] border p-4"
    >
      <p>{texts.theDemoShopHas}</p>
      {port === undefined ? (
        <Button
          disabled={busy}
          className="self-start"
          onClick={() => void submit(async () => setPort((await answer(server.POST("/api/demo"))).port))}
        >
          {busy ? texts.settingItUp : texts.setUpTheDemoShop}
        </Button>
      ) : (
        <a
          href={`${window.location.protocol}//${window.location.hostname}:${port}/`}
          target="_blank"
          rel="noreferrer"
          className="border-ready text-ready flex min-h-11 w-fit items-center rounded-[4px] border px-4 font-bold"
        >
          {texts.goToTheDemoShop}
        </a>
      )}
      {refused}
    </Panel>
  );
}
