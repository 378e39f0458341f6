package org.crispwhorl.core.drawer;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.Outline;
import org.crispwhorl.core.progress.Progress;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PurchasesTest {
    private static Outline petal(double lengthMm) {
        return Outline.of(lengthMm, 0.8 * lengthMm, 0.6, 0.2, 2);
    }

    private static Cutter offered(String name, double lengthMm, double price) {
        return new Cutter(name, 0, Cut.of(petal(lengthMm)), false, price);
    }

    private static Purchases.Need need(String part, double lengthMm) {
        return new Purchases.Need("species", part, new CutterFit.Wanted(Cut.of(petal(lengthMm)), 0.8));
    }

    private static List<String> names(Purchases purchases) {
        return purchases.buy().stream().map(b -> b.cutter().name()).toList();
    }

    @Test
    public void oneCutterThatServesTwoPiecesIsBoughtOnce() {
        // 28 mm grows by up to a fifth, to 33.6 mm.
        Drawer drawer = new Drawer(List.of(offered("28", 28, 5), offered("33", 33, 3), offered("26", 26, 3)));
        Purchases p = Purchases.of(List.of(need("inner", 28), need("outer", 33)), drawer, Purchases.Least.FEWEST);
        assertEquals(names(p), List.of("28"));
        assertTrue(p.proved());
        assertEquals(p.buy().get(0).serves().size(), 2);
        assertEquals(p.buy().get(0).instead().get(0).cutters().size(), 2);
    }

    @Test
    public void theCheapestNeedNotBeTheFewest() {
        Drawer drawer = new Drawer(List.of(offered("both", 28, 9), offered("33", 33, 2), offered("28", 28, 3)));
        List<Purchases.Need> needs = List.of(need("inner", 28), need("outer", 33.5));
        assertEquals(Purchases.of(needs, drawer, Purchases.Least.CHEAPEST).price(), 3, 1e-9);
        Drawer dear = new Drawer(List.of(offered("both", 28, 9), offered("33", 33, 2), offered("26", 26, 3)));
        assertEquals(names(Purchases.of(needs, dear, Purchases.Least.FEWEST)), List.of("both"));
        assertEquals(Purchases.of(needs, dear, Purchases.Least.CHEAPEST).price(), 5, 1e-9);
    }

    @Test
    public void aCutterOnLoanIsAskedBackAndAWornOneIsBoughtAnew() {
        Cut cut = Cut.of(petal(30));
        Cutter lent = new Cutter("lent", 1, 1, 0, cut, false, 0);
        Cutter worn = new Cutter("worn", 2, 0, 2, cut, false, 0);
        List<Purchases.Need> needs = List.of(need("inner", 30));
        Purchases ask = Purchases.of(needs, new Drawer(List.of(lent)), Purchases.Least.FEWEST);
        assertTrue(ask.buy().isEmpty() && ask.served().isEmpty());
        assertEquals(ask.unserved(), needs);
        assertEquals(names(Purchases.of(needs, new Drawer(List.of(worn)), Purchases.Least.FEWEST)), List.of("worn"));
    }

    @Test
    public void whatTheDrawerServesIsNotBought() {
        Drawer drawer = new Drawer(List.of(new Cutter("own", 2, Cut.of(petal(30)), false, 0), offered("30", 30, 1)));
        Purchases p = Purchases.of(List.of(need("inner", 31)), drawer, Purchases.Least.FEWEST);
        assertTrue(p.buy().isEmpty() && p.proved());
        assertEquals(p.served().get(0).by().cutter().name(), "own");
    }

    @Test
    public void whatNothingServesIsTold() {
        Purchases p = Purchases.of(
                List.of(need("inner", 90)), new Drawer(List.of(offered("30", 30, 1))), Purchases.Least.FEWEST);
        assertEquals(p.unserved().size(), 1);
    }

    @DataProvider
    Object[][] seeds() {
        return new Object[][] {{1}, {2}, {3}, {4}};
    }

    @Test(dataProvider = "seeds")
    public void noSmallerPurchaseServesAllThePieces(int seed) {
        Random random = new Random(seed);
        List<DrawerItem> list = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            list.add(offered("c" + i, 20 + 30 * random.nextDouble(), 1 + random.nextInt(9)));
        }
        List<Purchases.Need> needs = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            needs.add(need("p" + i, 20 + 30 * random.nextDouble()));
        }
        Purchases p = Purchases.of(needs, new Drawer(list), Purchases.Least.FEWEST);
        List<Purchases.Need> open = new ArrayList<>(needs);
        open.removeAll(p.unserved());
        int fewest = Integer.MAX_VALUE;
        for (int set = 0; set < 1 << list.size(); set++) {
            int bought = set;
            boolean all = open.stream().allMatch(n -> {
                for (int c = 0; c < list.size(); c++) {
                    if ((bought >> c & 1) == 1
                            && CutterFit.of(n.wanted(), (Cutter) list.get(c), java.util.Optional.empty())
                                    .fits()) {
                        return true;
                    }
                }
                return false;
            });
            fewest = all ? Math.min(fewest, Integer.bitCount(set)) : fewest;
        }
        assertEquals(p.buy().size(), fewest);
        assertTrue(p.proved());
    }

    @Test
    public void whoeverGivesUpHasThePurchaseWithoutItsAlternatives() {
        Drawer drawer = new Drawer(List.of(offered("28", 28, 1), offered("28 too", 28.1, 3)));
        List<Purchases.Need> needs = List.of(need("inner", 28), need("outer", 33));
        Progress impatient = new Progress() {
            @Override
            public void reached(double share, String step) {
                if (share > 0.15) {
                    throw new Stopped();
                }
            }

            @Override
            public boolean stopped() {
                return false;
            }
        };
        Purchases given = Purchases.of(needs, drawer, Purchases.Least.CHEAPEST, impatient);
        Purchases whole = Purchases.of(needs, drawer, Purchases.Least.CHEAPEST);
        assertEquals(names(given), names(whole));
        assertTrue(given.buy().stream().allMatch(b -> b.instead().isEmpty()));
        assertTrue(whole.buy().stream().anyMatch(b -> !b.instead().isEmpty()));
    }
}
