/**
 * The steps themselves: one hidden class for each kit family or remedy, and the catalogue that lists them. A new family is one
 * class, its test and one line in {@link hingeyard.core.install.families.StepFamilyCatalogue}.
 */
package hingeyard.core.install.families;
