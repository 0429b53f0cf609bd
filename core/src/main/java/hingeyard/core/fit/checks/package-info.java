/**
 * One hidden class for each check, and the catalogue that lists them. A new check is one class, its test and one line in
 * {@link hingeyard.core.fit.checks.FitCheckCatalogue}; a test fails when the line is missing.
 */
package hingeyard.core.fit.checks;
