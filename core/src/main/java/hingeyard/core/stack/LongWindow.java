package hingeyard.core.stack;

/** An interval of micrometres, both ends included; empty when {@code from > to}. */
record LongWindow(long from, long to) {

    boolean isEmpty() {
        return from > to;
    }

    /**
     * What the limits leave for one side's sum, the other side's given.
     *
     * @param sums the sides' sums; that of {@code side} is not read
     */
    static LongWindow ofSide(StackProblem problem, int side, long[] sums) {
        long from = 0;
        long to = StackLimit.UNBOUNDED.micrometres();
        for (StackLimit limit : problem.limits()) {
            long others = 0;
            for (int i = 0; i < sums.length; i++) {
                others += i == side ? 0 : limit.signs().get(i) * sums[i];
            }
            long least = limit.allowed().least().micrometres() - others;
            long greatest = limit.allowed().greatest().micrometres() - others;
            int sign = limit.signs().get(side);
            if (sign == 0 && (least > 0 || greatest < 0)) {
                return new LongWindow(1, 0);
            }
            if (sign != 0) {
                from = Math.max(from, sign > 0 ? least : -greatest);
                to = Math.min(to, sign > 0 ? greatest : -least);
            }
        }
        return new LongWindow(from, to);
    }
}
