import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { hereQuery } from "../../api/people";
import { useMay } from "../../hands/signer";
import { Accounts } from "./Accounts";
import { OtherDevices } from "./OtherDevices";
import { OwnSecrets } from "./OwnSecrets";
import { Sessions } from "./Sessions";
import { TrustedBenches } from "./TrustedBenches";
import { texts } from "./words";

/** Who may come in, where they are signed in, and how other devices reach this Ruvant. */
export function People() {
  const here = useQuery(hereQuery).data;
  const house = useMay("HOUSE");
  if (here === undefined) return null;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] grid min-h-0 flex-1 grid-cols-1 content-start gap-x-8 gap-y-5 overflow-y-auto px-5 py-4">
      <div className="wide:col-span-2 flex items-baseline gap-4">
        <h1 className="text-[22px]">{texts.peopleAndDevices}</h1>
        <Link to="/house" className="inline-flex min-h-11 items-center underline">
          {texts.settings}
        </Link>
      </div>
      <div className="flex flex-col gap-6">
        {house && <Accounts wanted={here.wanted} />}
        {here.name !== undefined && <OwnSecrets />}
      </div>
      <div className="flex flex-col gap-6">
        {here.wanted && <Sessions all={house} />}
        {here.wanted && house && <TrustedBenches />}
        <OtherDevices />
      </div>
    </div>
  );
}
