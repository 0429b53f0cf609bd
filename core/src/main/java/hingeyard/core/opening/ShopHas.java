package hingeyard.core.opening;

/**
 * What a shop has.
 *
 * @param technicians people whom steps are planned for
 * @param hands       people who do steps, the technicians among them
 * @param hours       how many of the technicians have working hours
 * @param people      everybody who works here
 * @param comeIn      how many of the people have chosen a password
 * @param parts       kinds of parts the drawers know, kit boxes not counted
 * @param counted     of these, how many lie there
 * @param boxes       kit boxes on the shelf
 * @param kits        kits with a sheet
 * @param suppliers   suppliers with a lead time
 * @param wrenches    torque wrenches in order
 * @param address     whether the shop's papers say where it is
 */
public record ShopHas(int technicians, int hands, int hours, int people, int comeIn, int parts, int counted, int boxes, int kits,
        int suppliers,
        int wrenches, boolean address) {
}
