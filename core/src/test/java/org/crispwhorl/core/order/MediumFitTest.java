package org.crispwhorl.core.order;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class MediumFitTest {
    private static MediumFit fit(Medium medium, double thereH, Venue venue) {
        return MediumFit.of(List.of(OrderSheet.Line.of(Garden.rose(), 3)), Conditions.USUAL, thereH, venue).stream()
                .filter(f -> f.medium() == medium)
                .findFirst()
                .orElseThrow();
    }

    private static final Venue HALL = new Venue(21, 50, 8, false, false);

    @DataProvider
    public Object[][] venues() {
        return new Object[][] {
            {Medium.GUM_PASTE, 200, HALL, MediumFit.Fits.YES, "h before"},
            {Medium.GUM_PASTE, 6, HALL, MediumFit.Fits.NO, "and there are 6"},
            {Medium.GUM_PASTE, 200, new Venue(21, 80, 8, false, false), MediumFit.Fits.NO, "sinks"},
            {Medium.GUM_PASTE, 200, new Venue(21, 80, 1, false, false), MediumFit.Fits.RISKY, "no longer than the meal"
            },
            {Medium.GUM_PASTE, 200, new Venue(21, 70, 8, false, false), MediumFit.Fits.RISKY, "sticky"},
            {Medium.GUM_PASTE, 200, new Venue(21, 50, 8, false, true), MediumFit.Fits.RISKY, "cold store"},
            {Medium.MODELLING_CHOCOLATE, 200, HALL, MediumFit.Fits.YES, "h before"},
            {Medium.MODELLING_CHOCOLATE, 200, new Venue(30, 50, 8, false, false), MediumFit.Fits.NO, "softens above 27"
            },
            {
                Medium.MODELLING_CHOCOLATE,
                200,
                new Venue(20, 50, 8, true, false),
                MediumFit.Fits.NO,
                "in the sun it is 30"
            },
            {Medium.MODELLING_CHOCOLATE, 200, new Venue(25, 50, 8, false, false), MediumFit.Fits.RISKY, "25 °C"},
            {Medium.MODELLING_CHOCOLATE, 200, new Venue(21, 50, 8, false, true), MediumFit.Fits.RISKY, "sweats"},
            {Medium.PLAIN_FONDANT, 5000, HALL, MediumFit.Fits.RISKY, "never gets firmer"},
            {Medium.COLD_PORCELAIN, 500, HALL, MediumFit.Fits.RISKY, "keepsake"},
        };
    }

    @Test(dataProvider = "venues")
    public void aMediumFitsByDateAndHeat(Medium medium, double thereH, Venue venue, MediumFit.Fits fits, String why) {
        MediumFit fit = fit(medium, thereH, venue);
        assertEquals(fit.fits(), fits, fit.toString());
        assertTrue(fit.reasons().stream().anyMatch(r -> r.contains(why)), fit.toString());
    }
}
