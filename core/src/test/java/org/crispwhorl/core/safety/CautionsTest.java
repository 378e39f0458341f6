package org.crispwhorl.core.safety;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.crispwhorl.core.Garden;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.paste.Medium;
import org.crispwhorl.core.species.Attachment;
import org.crispwhorl.core.species.Choices;
import org.crispwhorl.core.species.CoveredBall;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.species.Techniques;
import org.crispwhorl.core.studio.Conditions;
import org.testng.annotations.Test;

public class CautionsTest {
    private static List<Caution> of(Species species) {
        return Cautions.of(new Assessment(species, Conditions.USUAL));
    }

    private static String text(Species species, String kind) {
        return of(species).stream()
                .filter(c -> c.kind().equals(kind))
                .map(Caution::text)
                .findFirst()
                .orElse("");
    }

    @Test
    public void wiresAndStamensAreCounted() {
        assertTrue(
                text(Garden.rose(), "not-food").contains("9 wires, 60 stamen heads"), text(Garden.rose(), "not-food"));
    }

    @Test
    public void theWiresOfEveryFurtherHeadAreCounted() {
        Species spiked = Garden.and(Garden.rose(), Garden.spike(4, 18));
        // The rose's 9, the main stem, 2 buds with a stem each, 2 open heads with a stem and five petals each.
        assertTrue(text(spiked, "not-food").contains("24 wires"), text(spiked, "not-food"));
    }

    @Test
    public void anAllergenIsNamedOnlyWhereItIsUsed() {
        assertEquals(text(Garden.rose(), "allergens"), "");
        Choices egg = Choices.NONE.withGlue(Optional.of(Techniques.Glue.EGG_WHITE));
        assertTrue(text(Garden.rose().withTechniques(egg), "allergens").contains("egg"));
        Species wired = Garden.changed(
                Garden.rose().withTechniques(egg),
                "calyx",
                p -> p.withAttachment(new Attachment.Wired(28, 4, 0, 3, 80, 0.9)));
        assertEquals(text(wired, "allergens"), "", "nothing is glued");
        assertTrue(text(Garden.rose().withMedium(Medium.MARZIPAN), "allergens").contains("nuts"));
    }

    @Test
    public void polystyreneIsToBeTakenOutAndPorcelainIsNeverFood() {
        Species ball = Garden.rose().with(Garden.ball(8).withForm(new CoveredBall(10, 1)));
        assertTrue(text(ball, "not-food").contains("1 piece of polystyrene"));
        assertTrue(text(ball.withMedium(Medium.COLD_PORCELAIN), "not-edible").contains("never food"));
    }
}
