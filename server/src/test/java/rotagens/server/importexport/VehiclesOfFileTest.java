package rotagens.server.importexport;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyCollection;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.server.vehicle.UnitNames;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.vehicle.VehicleStore.OnFile;

class VehiclesOfFileTest {

    private static final int VEHICLES = 450;

    private final VehicleRegister register = mock(VehicleRegister.class);
    private final VehicleStore store = mock(VehicleStore.class);
    private final VehiclesOfFile vehicles = new VehiclesOfFile(register, store);

    @BeforeEach
    void onFile() {
        when(register.unitNames())
                .thenReturn(new UnitNames(LongStream.rangeClosed(1, VEHICLES)
                        .boxed()
                        .collect(Collectors.toMap(id -> id, id -> "BX-" + id))));
        when(store.each(anyCollection()))
                .thenAnswer(asked -> ((Collection<Long>) asked.getArgument(0))
                        .stream().map(VehiclesOfFileTest::onFile).toList());
        when(store.get(anyLong())).thenAnswer(asked -> onFile(asked.getArgument(0)));
    }

    private static OnFile onFile(long id) {
        OnFile vehicle = mock(OnFile.class);
        when(vehicle.id()).thenReturn(id);
        return vehicle;
    }

    private static List<CsvFormat.Cells> twoRowsEach() {
        return LongStream.rangeClosed(1, VEHICLES)
                .boxed()
                .flatMap(id -> Stream.of(id, id))
                .map(id -> new CsvFormat.Cells(Map.of("unit", "BX-" + id)))
                .toList();
    }

    @Test
    @DisplayName("a file of many vehicles asks for hundreds of them at once, and for none twice")
    void together() {
        List<CsvFormat.Cells> rows = twoRowsEach();
        vehicles.expect(rows);
        for (CsvFormat.Cells row : rows) {
            long id = vehicles.named(row.or("unit", "")).orElseThrow();
            assertThat(vehicles.get(id).id()).isEqualTo(id);
        }
        verify(store, times(3)).each(anyCollection());
        verify(store, never()).get(anyLong());
    }

    @Test
    @DisplayName("a vehicle no row was expected to name is found all the same")
    void unexpected() {
        vehicles.expect(twoRowsEach().subList(0, 4));
        assertThat(vehicles.get(300).id()).isEqualTo(300);
        assertThat(vehicles.get(1).id()).isEqualTo(1);
        verify(store, times(1)).each(anyCollection());
    }
}
