import { Link } from "react-router";
import type { ShopLog } from "../../hands/append";
import { ShopRecord } from "./Record";
import { texts } from "./words";

/** What was changed in how the house works. */
export function HouseRecord() {
  return <Page log="house" title={texts.settingsRecordOfChanges} back="/house" name="House" />;
}

/** What was changed in what is known. */
export function KnownRecord() {
  return <Page log="knowledge" title={texts.whatWeKnowRecordOf} back="/known" name="What we know" />;
}

function Page({ log, title, back, name }: { log: ShopLog; title: string; back: string; name: string }) {
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="flex items-baseline gap-3 px-5 pt-4">
        <h1 className="text-[22px]">{title}</h1>
        <Link to={back} className="ml-auto inline-flex min-h-11 items-center underline">
          {name}
        </Link>
      </div>
      <ShopRecord log={log} />
    </div>
  );
}
