package ruvant.core.picture;

import ruvant.core.adjust.AdjusterBook;
import ruvant.core.anatomy.BodyPlans;
import ruvant.core.find.FaultKnowledge;
import ruvant.core.house.HousePractice;
import ruvant.core.money.Pricing;
import ruvant.core.proof.ProofBook;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;

/**
 * What a shop brings to each job: its practice, its tables and lists, and what it knows of adjusters,
 * faults and how cameras are built, at what it charges, and what it proves.
 */
public record Shop(
        HousePractice practice,
        Materials materials,
        Lubrication lubrication,
        TradeLists lists,
        AdjusterBook adjusters,
        FaultKnowledge faults,
        BodyPlans plans,
        Pricing pricing,
        ProofBook proofs) {
    /** The same with other tables. */
    public Shop with(Materials otherMaterials, Lubrication otherLubrication) {
        return new Shop(practice, otherMaterials, otherLubrication, lists, adjusters, faults, plans, pricing, proofs);
    }

    /** The same with other knowledge of faults. */
    public Shop with(FaultKnowledge other) {
        return new Shop(practice, materials, lubrication, lists, adjusters, other, plans, pricing, proofs);
    }
}
