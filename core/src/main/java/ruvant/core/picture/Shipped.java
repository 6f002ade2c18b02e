package ruvant.core.picture;

import ruvant.core.adjust.AdjusterBook;
import ruvant.core.adjust.AdjusterChanges;
import ruvant.core.anatomy.BodyPlans;
import ruvant.core.find.FaultChanges;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.house.HousePractice;
import ruvant.core.house.ListChanges;
import ruvant.core.money.Pricing;
import ruvant.core.proof.ProofBook;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
import ruvant.core.treat.TableChanges;
import ruvant.core.units.FieldProblem;

/** The tables, lists and knowledge that ship; a shop's changes are put in their place. */
public record Shipped(
        Materials materials,
        Lubrication lubrication,
        TradeLists lists,
        AdjusterBook adjusters,
        FaultKnowledge faults,
        BodyPlans plans,
        ProofBook proofs) {
    /**
     * A shop with its own changes.
     *
     * @throws FieldProblem where they do not fit what ships
     */
    public Shop shop(
            HousePractice practice,
            TableChanges tables,
            ListChanges changed,
            FaultChanges known,
            AdjusterChanges turned,
            Pricing pricing) {
        return new Shop(
                practice,
                tables.in(materials),
                tables.in(lubrication),
                changed.in(lists),
                turned.in(adjusters),
                known.in(faults),
                plans,
                pricing,
                proofs);
    }
}
