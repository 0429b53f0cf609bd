package hingeyard.core.bench.job;

import hingeyard.core.bench.BenchTool;

/**
 * One input of a calculator, filled in.
 *
 * @param field as the calculator names it
 * @param value in the field's unit, as one would type it
 * @param from  where it comes from: {@code measured}, {@code kit's sheet}, or what is supposed
 */
public record BenchFill(BenchTool tool, String field, String value, String from) {
}
