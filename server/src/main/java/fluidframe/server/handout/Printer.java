package fluidframe.server.handout;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Lays sheets out: as a page to look at, and as a PDF from the very same template. */
@Component
public class Printer {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);
    private static final String FONTS = "static/fonts/";

    private final Clock clock;
    private final SpringTemplateEngine engine;

    Printer(Clock clock) {
        this.clock = clock;
        ClassLoaderTemplateResolver templates = new ClassLoaderTemplateResolver();
        templates.setPrefix("sheets/");
        templates.setSuffix(".html");
        // The printer of PDFs reads nothing but well-formed markup.
        templates.setTemplateMode(TemplateMode.XML);
        templates.setCharacterEncoding("UTF-8");
        engine = new SpringTemplateEngine();
        engine.setTemplateResolver(templates);
    }

    /** A page for the browser. */
    public String page(Sheet sheet, Wish wish) {
        return laidOut(sheet, wish, false);
    }

    private String laidOut(Sheet sheet, Wish wish, boolean pdf) {
        Context context = new Context(Locale.ENGLISH);
        context.setVariable("sheet", sheet);
        context.setVariable("pdf", pdf);
        context.setVariable("large", wish.large());
        context.setVariable("letter", wish.paper() == Wish.Paper.LETTER);
        context.setVariable("day", LocalDate.now(clock).format(DAY));
        return engine.process("sheet", context);
    }

    /** A PDF with its fonts, its title, its language and its outline. */
    public byte[] pdf(Sheet sheet, Wish wish) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.usePdfUaAccessibility(true);
        builder.useSVGDrawer(new BatikSVGDrawer());
        // Nothing is fetched, whatever somebody has typed into a name.
        builder.useUriResolver((base, uri) -> null);
        font(builder, "Commissioner", "Commissioner_400Regular.ttf", 400);
        font(builder, "Commissioner", "Commissioner_700Bold.ttf", 700);
        font(builder, "Piazzolla", "Piazzolla_600SemiBold.ttf", 600);
        builder.withProducer("Fluid Frame");
        builder.withHtmlContent(laidOut(sheet, wish, true), null);
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void font(PdfRendererBuilder builder, String family, String file, int weight) {
        builder.useFont(() -> open(FONTS + file), family, weight, BaseRendererBuilder.FontStyle.NORMAL, true);
    }

    private static InputStream open(String path) {
        try {
            return new ClassPathResource(path).getInputStream();
        } catch (IOException e) {
            throw new UncheckedIOException("The fonts of sheets are missing: build the front end", e);
        }
    }
}
