package hingeyard.app.survey;

import hingeyard.core.bike.ChoiceMeasure;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.NumberMeasure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.Tool;
import hingeyard.core.quantity.Length;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;

@Entity
class MeasureReading {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long bikeId;
    String measureKey;
    Long valueUm;
    Long plusMinusUm;
    Long amount;
    String choice;
    @Enumerated(EnumType.STRING)
    Tool tool;
    String entered;
    String takenBy;
    Instant takenAt;

    protected MeasureReading() {
    }

    MeasureReading(long bikeId, Reading reading, String entered) {
        this.bikeId = bikeId;
        this.measureKey = reading.measure().key();
        this.tool = reading.tool();
        this.entered = entered;
        this.takenBy = reading.by();
        this.takenAt = reading.at();
        if (reading instanceof Reading.OfLength length) {
            valueUm = length.value().micrometres();
            plusMinusUm = length.plusMinus().micrometres();
        } else if (reading instanceof Reading.OfChoice chosen) {
            choice = chosen.value().code();
        } else if (reading instanceof Reading.OfNumber number) {
            amount = number.amount();
        }
    }

    /** Empty when the catalogue no longer knows the measure or the choice. */
    Optional<Reading> toReading() {
        return MeasureCatalogue.find(measureKey).flatMap(this::toReading);
    }

    private Optional<Reading> toReading(Measure measure) {
        if (measure instanceof LengthMeasure length && valueUm != null) {
            return Optional.of(
                    new Reading.OfLength(length, Length.ofMicrometres(valueUm), Length.ofMicrometres(plusMinusUm), tool, takenBy, takenAt));
        }
        if (measure instanceof ChoiceMeasure<?> chosen && choice != null) {
            return chosen.option(choice).map(o -> new Reading.OfChoice(chosen, o, tool, takenBy, takenAt));
        }
        if (measure instanceof NumberMeasure number && amount != null) {
            return Optional.of(new Reading.OfNumber(number, amount, tool, takenBy, takenAt));
        }
        return Optional.empty();
    }
}
