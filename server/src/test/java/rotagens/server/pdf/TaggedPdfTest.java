package rotagens.server.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;
import rotagens.server.Api;
import rotagens.server.ServerTest;

/** Papers for whoever has them read aloud, judged by an independent validator of PDF/UA-1. */
@ServerTest
class TaggedPdfTest {

    @Autowired
    MockMvc http;

    private Api api;

    @BeforeAll
    static void validator() {
        VeraGreenfieldFoundryProvider.initialise();
    }

    @BeforeEach
    void client() {
        api = new Api(http);
    }

    private static List<String> faults(byte[] pdf) throws Exception {
        try (PDFAParser parser =
                        Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), PDFAFlavour.PDFUA_1);
                PDFAValidator validator = Foundries.defaultInstance().createValidator(PDFAFlavour.PDFUA_1, false)) {
            return validator.validate(parser).getTestAssertions().stream()
                    .filter(one -> one.getStatus() == TestAssertion.Status.FAILED)
                    .map(one -> one.getRuleId().getClause() + " " + one.getMessage() + " at "
                            + one.getLocation().getContext())
                    .distinct()
                    .toList();
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/vehicles/V/pdf/dot-sheet.pdf",
                "/api/vehicles/V/pdf/pressure-card.pdf?units=METRIC",
                "/api/vehicles/V/pdf/driver-card.pdf?origin=https://10.0.0.7:8484",
                "/api/vehicles/V/evidence.pdf",
                "/api/order-needs.pdf",
                "/api/jobs/J/sheet.pdf"
            })
    @DisplayName("every paper is tagged after PDF/UA-1, in its language, with a title and words for its drawings")
    void papers(String path) throws Exception {
        String address = path.replace("/V/", "/" + api.vehicle("LC-01") + "/");
        byte[] pdf = api.file(address.contains("/J/") ? address.replace("/J/", "/" + job() + "/") : address);
        assertThat(faults(pdf)).isEmpty();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualToIgnoringCase("en-US");
            assertThat(document.getDocumentInformation().getTitle()).isNotBlank();
        }
    }

    private long job() {
        api.emptyShop();
        return api.post(
                        "/api/jobs",
                        "{\"day\":\"2026-11-30\",\"work\":[{\"vehicleId\":" + api.vehicle("SH-02")
                                + ",\"key\":\"REPLACE:1L\"}]}")
                .body()
                .get(0)
                .path("id")
                .asLong();
    }
}
