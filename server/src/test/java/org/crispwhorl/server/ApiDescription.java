package org.crispwhorl.server;

import com.fasterxml.jackson.core.JsonProcessingException;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.crispwhorl.core.bench.Measured;
import org.crispwhorl.core.calendar.Bettering;
import org.crispwhorl.core.calendar.InOneGo;
import org.crispwhorl.core.calendar.StudioTime;
import org.crispwhorl.core.calendar.Today;
import org.crispwhorl.core.drawer.PartTools;
import org.crispwhorl.core.drawer.Purchases;
import org.crispwhorl.core.drying.RoomAhead;
import org.crispwhorl.core.form.Crossings;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.order.MediumFit;
import org.crispwhorl.core.order.Order;
import org.crispwhorl.core.order.Venue;
import org.crispwhorl.core.price.PriceSheet;
import org.crispwhorl.core.price.Tariff;
import org.crispwhorl.core.quick.QuickAnswer;
import org.crispwhorl.core.quick.QuickQuestion;
import org.crispwhorl.core.sheets.PrintedMethod;
import org.crispwhorl.core.sheets.PrintedSheet;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.core.studio.Pace;
import org.crispwhorl.core.study.Study;
import org.crispwhorl.files.document.CraftSchema;
import org.crispwhorl.files.document.SpeciesDocument;
import org.crispwhorl.server.ahead.RoomAheadController;
import org.crispwhorl.server.archive.ArchiveController;
import org.crispwhorl.server.bench.BenchController;
import org.crispwhorl.server.book.BookController;
import org.crispwhorl.server.choices.PaceController;
import org.crispwhorl.server.choices.TimeController;
import org.crispwhorl.server.days.DaysController;
import org.crispwhorl.server.days.GlanceController;
import org.crispwhorl.server.drawer.DrawerController;
import org.crispwhorl.server.drawer.StudioDrawer;
import org.crispwhorl.server.jobs.JobView;
import org.crispwhorl.server.journal.BenchJournal;
import org.crispwhorl.server.order.DeletedOrders;
import org.crispwhorl.server.order.OrderController;
import org.crispwhorl.server.plate.ColourController;
import org.crispwhorl.server.plate.OutlineController;
import org.crispwhorl.server.plate.ReckoningController;
import org.crispwhorl.server.plate.ReckoningView;
import org.crispwhorl.server.plate.RoundController;
import org.crispwhorl.server.price.CountsController;
import org.crispwhorl.server.price.PriceController;
import org.crispwhorl.server.problem.Problem;
import org.crispwhorl.server.problem.Unreadables;
import org.crispwhorl.server.scale.ScaleController;
import org.crispwhorl.server.scale.ScaleLink;
import org.crispwhorl.server.security.TabletController;
import org.crispwhorl.server.shelf.ShelfController;
import org.crispwhorl.server.shelf.SpeciesCard;
import org.crispwhorl.server.stages.StagesController;
import org.crispwhorl.server.standins.StandInController;
import org.crispwhorl.server.studio.Archive;
import org.crispwhorl.server.studio.ClockController;
import org.crispwhorl.server.study.StudyController;
import org.crispwhorl.server.tools.ToolsController;
import org.crispwhorl.server.tools.WayEffectsController;
import org.crispwhorl.server.troubleshooting.TroubleshootingController;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.node.ObjectNode;

/** The OpenAPI description: paths from the controllers, every type from the records themselves. */
@Configuration(proxyBeanMethods = false)
class ApiDescription {
    private static final String PREFIX = "#/components/schemas/";
    private static final List<Class<?>> SPOKEN = List.of(
            Species.class,
            org.crispwhorl.core.drying.Room.class,
            ReckoningController.ReckoningRequest.class,
            ReckoningController.ReasonRequest.class,
            ReckoningView.class,
            RoundController.RoundRequest.class,
            Crossings.Crossing.class,
            RoundController.ClearingRequest.class,
            RoundController.Clearing.class,
            OutlineController.OutlineRequest.class,
            OutlineController.PullRequest.class,
            OutlineController.DrawnRequest.class,
            OutlineController.OutlineView.class,
            ColourController.PieceRequest.class,
            ColourController.PieceColours.class,
            ColourController.StepsRequest.class,
            ColourController.PartColour.class,
            StagesController.StageCard.class,
            SpeciesCard.class,
            Unreadables.Unreadable.class,
            ShelfController.NewSpecies.class,
            ShelfController.BuildCard.class,
            ShelfController.Archived.class,
            OrderController.OrderView.class,
            OrderController.OrderCard.class,
            Order.class,
            JobView.class,
            OrderController.OrderReckoning.class,
            OrderController.TakenView.class,
            Materials.class,
            PrintedSheet.class,
            PrintedMethod.class,
            StudioDrawer.KeptItem.class,
            DaysController.DaysView.class,
            InOneGo.class,
            Bettering.WhatBetters.class,
            Today.class,
            DaysController.DaysAsked.class,
            CountsController.OtherCounts.class,
            CountsController.CountsBeside.class,
            GlanceController.DaysGlance.class,
            Pace.class,
            StudioTime.class,
            RoomAhead.class,
            TabletController.TabletView.class,
            TabletController.NewPassphrase.class,
            RoomAheadController.RoomHours.class,
            TroubleshootingController.Symptom.class,
            TroubleshootingController.TroubleshootingGuide.class,
            Archive.Copy.class,
            ArchiveController.StudioTakenIn.class,
            BookController.BookView.class,
            BookController.LessonChoice.class,
            BookController.RecordChoice.class,
            BenchController.BenchView.class,
            BenchController.Touches.class,
            BenchController.Since.class,
            TimeController.BusyTaken.class,
            DeletedOrders.DeletedOrder.class,
            ClockController.ClockView.class,
            BenchJournal.OnTheBench.class,
            BenchController.MeasuredPetal.class,
            BenchController.PictureKept.class,
            Measured.class,
            Tariff.class,
            PriceSheet.class,
            PriceController.AgreedPrice.class,
            Venue.class,
            MediumFit.class,
            DrawerController.TakenIn.class,
            DrawerController.Sizes.class,
            WayEffectsController.WayTold.class,
            ToolsController.Covering.class,
            ToolsController.ToolsRequest.class,
            ToolsController.NestingView.class,
            PaceController.OperationPace.class,
            PartTools.class,
            Purchases.class,
            QuickQuestion.class,
            Study.class,
            StudyController.SortedPetals.class,
            StudyController.PetalTable.class,
            StudyController.Drafted.class,
            QuickAnswer.class,
            ScaleLink.Reading.class,
            ScaleController.WeighedBall.class,
            ScaleController.DensityFound.class,
            StandInController.ScalePan.class,
            Problem.class);

    @Bean
    OpenAPI title() {
        return new OpenAPI()
                .info(new Info().title("Crisp Whorl").version("1"))
                .servers(List.of(new Server().url("/").description("the application itself")));
    }

    @Bean
    OpenApiCustomizer craftSchemas() {
        return api -> {
            CraftSchema craft = new CraftSchema(PREFIX, CraftSchema.Union.ONE_OF);
            SPOKEN.forEach(craft::ref);
            Map<String, Schema<?>> schemas = new TreeMap<>();
            craft.definitions().forEach((name, node) -> schemas.put(name, schema(node)));
            schemas.put("SpeciesDocument", schema(document(craft.definitions().get("Species"))));
            schemas.remove("Species");
            api.getComponents().getSchemas().clear();
            schemas.forEach((name, schema) -> api.getComponents().addSchemas(name, schema));
        };
    }

    private static ObjectNode document(ObjectNode species) {
        ObjectNode own = SpeciesDocument.schema();
        ObjectNode document = species.deepCopy();
        document.set("required", own.get("required"));
        ObjectNode properties = (ObjectNode) document.get("properties");
        properties.set("format", own.at("/properties/format"));
        properties.set("version", own.at("/properties/version"));
        return document;
    }

    private static Schema<?> schema(ObjectNode node) {
        try {
            return Json31.mapper().readValue(node.toString(), Schema.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }
}
