package fluidframe.server.handout;

import fluidframe.core.chart.Chart;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.springframework.stereotype.Component;

/** Sheets and drawings as pictures. */
@Component
public class Pictures {
    private static final float DOTS_PER_INCH = 150;

    private final Handouts handouts;
    private final Printer printer;

    Pictures(Handouts handouts, Printer printer) {
        this.handouts = handouts;
        this.printer = printer;
    }

    /** The feet of a figure as a drawing in SVG. */
    public byte[] feet(Chart chart) {
        String svg = FeetPicture.of(
                fluidframe.core.rule.Sheet.of(chart).floor(), chart.dance().isMoving(), Optional.empty());
        return svg.getBytes(StandardCharsets.UTF_8);
    }

    /** A sheet as it is usually wanted, in PDF. */
    public byte[] pdf(String what, String id) {
        Wish wish = Wish.of("", false, "", "", "", "", "");
        return printer.pdf(handouts.sheet(what, id, "", wish), wish);
    }

    /** The first page of a sheet in PNG. */
    public byte[] sheet(String what, String id) {
        try (PDDocument document = Loader.loadPDF(pdf(what, id))) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, DOTS_PER_INCH, ImageType.RGB);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(page, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
