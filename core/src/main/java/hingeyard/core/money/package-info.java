/** What is asked, paid, invoiced, credited and open: closed documents with numbers in a row, in hundredths of the shop's money. */
package hingeyard.core.money;
