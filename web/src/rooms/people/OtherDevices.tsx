import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { networkQuery } from "../../api/people";
import { Panel } from "../../ui/Panel";
import { Fingerprint } from "./Fingerprint";
import { texts } from "./words";

/** By which addresses other devices get in, and what they install first. */
export function OtherDevices() {
  const network = useQuery(networkQuery).data;
  if (network?.fingerprint === undefined) return null;
  return (
    <Panel title={texts.otherDevices}>
      <p>{texts.addresses}</p>
      <ul>
        {network.addresses.map((address) => (
          <li key={address} className="num break-all">
            {address}
          </li>
        ))}
      </ul>
      <p className="text-soft text-[14px]">
        {texts.authorityAbout}{" "}
        <Link to="/authority" className="text-ink underline">
          {texts.authorityPage}
        </Link>
      </p>
      <Fingerprint network={network} />
    </Panel>
  );
}
