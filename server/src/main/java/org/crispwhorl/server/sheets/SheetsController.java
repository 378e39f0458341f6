package org.crispwhorl.server.sheets;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.crispwhorl.core.assessment.Assessment;
import org.crispwhorl.core.measure.LengthText;
import org.crispwhorl.core.measure.Unit;
import org.crispwhorl.core.order.Materials;
import org.crispwhorl.core.outline.Cut;
import org.crispwhorl.core.outline.PrintedCutter;
import org.crispwhorl.core.progress.Progress;
import org.crispwhorl.core.sheets.PrintedSheet;
import org.crispwhorl.core.sheets.SheetKind;
import org.crispwhorl.core.species.Petaled;
import org.crispwhorl.core.species.Pieces;
import org.crispwhorl.core.species.Species;
import org.crispwhorl.files.csv.SheetCsv;
import org.crispwhorl.files.document.CraftJson;
import org.crispwhorl.files.page.OutlinePages;
import org.crispwhorl.files.page.Paper;
import org.crispwhorl.files.pdf.OutlinePdf;
import org.crispwhorl.files.pdf.SheetPdf;
import org.crispwhorl.files.picture.SpeciesSheet;
import org.crispwhorl.files.solid.CutterStl;
import org.crispwhorl.files.svg.OutlineSvg;
import org.crispwhorl.server.conditions.StudioConditions;
import org.crispwhorl.server.jobs.JobFile;
import org.crispwhorl.server.jobs.JobView;
import org.crispwhorl.server.jobs.Jobs;
import org.crispwhorl.server.order.Orders;
import org.crispwhorl.server.order.Reckoned;
import org.crispwhorl.server.problem.NotThere;
import org.crispwhorl.server.shelf.Shelf;
import org.crispwhorl.server.work.BigWork;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The sheets of orders and species. */
@RestController
class SheetsController {
    private static final MediaType SVG = new MediaType("image", "svg+xml");
    private static final MediaType STL = new MediaType("model", "stl");
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final Orders orders;
    private final Shelf shelf;
    private final StudioConditions conditions;
    private final BigWork work;
    private final Jobs jobs;

    private final Reckoned reckoned;

    SheetsController(
            Orders orders, Shelf shelf, StudioConditions conditions, BigWork work, Jobs jobs, Reckoned reckoned) {
        this.reckoned = reckoned;
        this.work = work;
        this.jobs = jobs;
        this.orders = orders;
        this.shelf = shelf;
        this.conditions = conditions;
    }

    @GetMapping("/api/orders/{id}/materials")
    @Operation(
            operationId = "gatherMaterials",
            summary = "Everything that an order takes, sorted as it leaves the drawer")
    Materials materials(@PathVariable UUID id) {
        return materialsOf(id);
    }

    @PostMapping("/api/orders/{id}/sheets")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @ApiResponse(responseCode = "202")
    @Operation(operationId = "beginSheets", summary = "Begin to make the sheets of an order, as a piece of long work")
    JobView beginSheets(@PathVariable UUID id) {
        Orders.Work wanted = orders.work(id);
        return jobs.start(
                "Sheets of " + wanted.order().name(), progress -> SheetKind.all(reckoned.materials(wanted, progress)));
    }

    @GetMapping("/api/orders/{id}/sheets")
    @Operation(operationId = "sheets", summary = "The sheets of an order, block by block")
    List<PrintedSheet> sheets(@PathVariable UUID id) {
        return SheetKind.all(materialsOf(id));
    }

    @PostMapping("/api/orders/{id}/sheets.pdf")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @ApiResponse(responseCode = "202")
    @Operation(operationId = "beginPdf", summary = "Begin to write sheets of an order as PDF, as a piece of long work")
    JobView beginPdf(
            @PathVariable UUID id,
            @RequestParam(required = false) List<SheetKind> sheets,
            @RequestParam(defaultValue = "A4") Paper paper,
            @RequestParam(defaultValue = "MM") LengthText.Lengths lengths) {
        Orders.Work wanted = orders.work(id);
        return jobs.start("Sheets of " + wanted.order().name() + " as PDF", progress -> {
            Materials materials = reckoned.materials(wanted, progress.part(0, 0.9));
            progress.reached(0.9, "Writing the pages");
            return new JobFile(
                    "sheets.pdf",
                    MediaType.APPLICATION_PDF,
                    SheetPdf.write(wanted.order().name(), chosen(materials, sheets), paper, lengths));
        });
    }

    @GetMapping("/api/orders/{id}/sheets.pdf")
    @Operation(operationId = "sheetsAsPdf", summary = "Sheets of an order as PDF")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "application/pdf"))
    ResponseEntity<byte[]> pdf(
            @PathVariable UUID id,
            @RequestParam(required = false) List<SheetKind> sheets,
            @RequestParam(defaultValue = "A4") Paper paper,
            @RequestParam(defaultValue = "MM") LengthText.Lengths lengths) {
        String title = orders.get(id).order().name();
        List<PrintedSheet> chosen = chosen(materialsOf(id), sheets);
        return work.inTurn(
                () -> file("sheets.pdf", MediaType.APPLICATION_PDF, SheetPdf.write(title, chosen, paper, lengths)));
    }

    @GetMapping("/api/orders/{id}/sheets/{sheet}.csv")
    @Operation(operationId = "sheetAsCsv", summary = "One sheet of an order as CSV")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/csv"))
    ResponseEntity<byte[]> csv(
            @PathVariable UUID id,
            @PathVariable SheetKind sheet,
            @RequestParam(defaultValue = "MM") LengthText.Lengths lengths) {
        String csv = SheetCsv.write(sheet.of(materialsOf(id)), lengths);
        return file(CraftJson.name(sheet.name()) + ".csv", CSV, csv.getBytes(StandardCharsets.UTF_8));
    }

    /** The sheets that are asked for, in the order asked; all where none is. */
    private static List<PrintedSheet> chosen(Materials materials, List<SheetKind> sheets) {
        return sheets == null || sheets.isEmpty()
                ? SheetKind.all(materials)
                : sheets.stream().map(kind -> kind.of(materials)).toList();
    }

    private Materials materialsOf(UUID id) {
        return reckoned.materials(orders.work(id), Progress.UNWATCHED);
    }

    @GetMapping("/api/orders/{id}/outlines.pdf")
    @Operation(operationId = "orderOutlinesAsPdf", summary = "The outlines of an order at true size as PDF")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "application/pdf"))
    ResponseEntity<byte[]> orderOutlines(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") Paper paper,
            @RequestParam(defaultValue = "MM") LengthText.Lengths lengths) {
        Materials materials = materialsOf(id);
        return work.inTurn(() -> file(
                "outlines.pdf",
                MediaType.APPLICATION_PDF,
                OutlinePdf.write(orders.get(id).order().name(), OutlinePages.of(pieces(materials), paper), lengths)));
    }

    @GetMapping("/api/orders/{id}/outlines.svg")
    @Operation(operationId = "orderOutlinesAsSvg", summary = "The outlines of an order at true size as SVG")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "image/svg+xml"))
    ResponseEntity<byte[]> orderOutlinesSvg(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") Paper paper,
            @RequestParam(defaultValue = "MM") LengthText.Lengths lengths) {
        Materials materials = materialsOf(id);
        String svg = work.inTurn(() ->
                OutlineSvg.write(orders.get(id).order().name(), OutlinePages.of(pieces(materials), paper), lengths));
        return file("outlines.svg", SVG, svg.getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/api/species/{id}/outlines.pdf")
    @Operation(operationId = "outlinesAsPdf", summary = "The outlines of a species at true size as PDF")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "application/pdf"))
    ResponseEntity<byte[]> outlines(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") Paper paper,
            @RequestParam(defaultValue = "MM") LengthText.Lengths lengths) {
        Species species = made(id);
        return file(
                "outlines.pdf",
                MediaType.APPLICATION_PDF,
                OutlinePdf.write(species.name(), OutlinePages.of(pieces(species), paper), lengths));
    }

    @GetMapping("/api/species/{id}/outlines.svg")
    @Operation(operationId = "outlinesAsSvg", summary = "The outlines of a species at true size as SVG")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "image/svg+xml"))
    ResponseEntity<byte[]> outlinesSvg(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") Paper paper,
            @RequestParam(defaultValue = "MM") LengthText.Lengths lengths) {
        Species species = made(id);
        String svg = OutlineSvg.write(species.name(), OutlinePages.of(pieces(species), paper), lengths);
        return file("outlines.svg", SVG, svg.getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/api/species/{id}/sheet.{format}")
    @Operation(operationId = "speciesSheet", summary = "A species as one page to hand out or hang up: svg, pdf or png")
    @ApiResponse(
            responseCode = "200",
            content = {
                @Content(mediaType = "image/svg+xml"),
                @Content(mediaType = "application/pdf"),
                @Content(mediaType = "image/png")
            })
    ResponseEntity<byte[]> sheet(
            @PathVariable UUID id,
            @PathVariable String format,
            @RequestParam(defaultValue = "A4") Paper paper,
            @RequestParam(defaultValue = "MM") LengthText.Lengths lengths) {
        Assessment a = new Assessment(shelf.get(id).species(), conditions.now());
        String name = "sheet." + format;
        return work.inTurn(() -> switch (format) {
            case "svg" -> file(name, SVG, SpeciesSheet.svg(a, paper, lengths).getBytes(StandardCharsets.UTF_8));
            case "pdf" -> file(name, MediaType.APPLICATION_PDF, SpeciesSheet.pdf(a, paper, lengths));
            case "png" -> file(name, MediaType.IMAGE_PNG, SpeciesSheet.png(a, paper, lengths));
            default -> throw new NotThere("sheet", name);
        });
    }

    @GetMapping("/api/species/{id}/parts/{partId}/cutter.stl")
    @Operation(operationId = "cutterAsStl", summary = "A cutter of a part to print, as STL")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "model/stl"))
    ResponseEntity<byte[]> cutter(
            @PathVariable UUID id,
            @PathVariable String partId,
            @RequestParam(defaultValue = "0.45") double bladeMm,
            @RequestParam(defaultValue = "1.2") double wallMm,
            @RequestParam(defaultValue = "2.4") double gripMm,
            @RequestParam(defaultValue = "5") double flangeMm,
            @RequestParam(defaultValue = "16") double highMm) {
        Cut cut = made(id).petaled().stream()
                .filter(p -> p.id().equals(partId))
                .findFirst()
                .flatMap(p -> p.pieces().cut())
                .orElseThrow(() -> new NotThere("part with a cutter", partId));
        return file(
                partId + ".stl",
                STL,
                CutterStl.write(cut.shape(), new PrintedCutter(bladeMm, wallMm, gripMm, flangeMm, highMm)));
    }

    private Species made(UUID id) {
        return conditions.assessed(shelf.get(id).species()).species();
    }

    private static List<OutlinePages.Piece> pieces(Materials materials) {
        Stream<OutlinePages.Piece> cut = materials.cuts().stream()
                .map(job -> piece(
                        job.lines().get(0).species() + ", " + job.lines().get(0).part(), job.cut(), job.pieces()));
        Stream<OutlinePages.Piece> round = materials.uncut().stream().flatMap(line -> line.template().stream()
                .map(template -> piece(
                        line.species() + ", " + line.part() + ": template", template, line.needed() + line.spares())));
        return Stream.concat(cut, round).toList();
    }

    private static List<OutlinePages.Piece> pieces(Species species) {
        List<OutlinePages.Piece> pieces = new ArrayList<>();
        for (Petaled part : species.petaled()) {
            Pieces made = part.pieces();
            made.cut().ifPresent(cut -> pieces.add(piece(part.name(), cut, made.units())));
            made.template()
                    .ifPresent(template -> pieces.add(piece(part.name() + ": template", template, made.units())));
            part.alsoCut()
                    .forEach(also -> pieces.add(piece(
                            part.name() + ", " + also.name(),
                            also.from().cut().orElseThrow(),
                            also.perPiece() * made.units())));
        }
        return pieces;
    }

    private static OutlinePages.Piece piece(String label, Cut cut, int count) {
        return new OutlinePages.Piece(label, size(cut) + ", " + count + " to cut", cut.shape());
    }

    private static String size(Cut cut) {
        return Unit.MM.write(cut.sizeMm()) + " × " + Unit.MM.write(cut.outline().widthMm());
    }

    private static ResponseEntity<byte[]> file(String name, MediaType type, byte[] body) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(body);
    }
}
