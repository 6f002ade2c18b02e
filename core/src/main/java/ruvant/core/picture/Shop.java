package ruvant.core.picture;

import ruvant.core.job.HousePractice;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;

/** What a shop brings to each job: its practice and its tables. */
public record Shop(HousePractice practice, Materials materials, Lubrication lubrication) {}
