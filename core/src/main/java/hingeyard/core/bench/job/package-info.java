/**
 * What a job knows of a calculator's inputs, each with where it comes from.
 *
 * <p><b>Input.</b> The bike with its survey and need, and the kit where one is chosen.
 *
 * <p><b>Answer.</b> Values for fields of {@link hingeyard.core.bench.BenchTool}s, none where nobody measured or stated one: a calculator on
 * a
 * job supposes nothing that would look like a measure.
 *
 * <p><b>Limits.</b> How much of the mass rests on a wheel is supposed, and said so.
 */
package hingeyard.core.bench.job;
