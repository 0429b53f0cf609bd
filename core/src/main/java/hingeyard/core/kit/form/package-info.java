/** What a kit's sheet asks for, in words, and what each figure is for. {@link hingeyard.core.kit.form.SheetWords} is the door. */
package hingeyard.core.kit.form;
