package org.waxbell.app.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.Carriers;
import org.waxbell.directive.Directive;
import org.waxbell.port.Carrier;

/** Finds the adapter that carries a directive out: the one place that knows. */
@Component
class Registry {
    private final List<Carrier<?>> all = new ArrayList<>();
    private final Map<Class<?>, List<Carrier<?>>> byKind = new ConcurrentHashMap<>();

    Registry(List<Carrier<?>> single, List<Carriers> several) {
        all.addAll(single);
        several.forEach(each -> all.addAll(each.carriers()));
    }

    /** Has it carried out; false where nobody takes it. */
    boolean carry(Directive directive) {
        for (Carrier<?> carrier : byKind.computeIfAbsent(directive.getClass(), this::of)) {
            if (took(carrier, directive)) {
                return true;
            }
        }
        return false;
    }

    private List<Carrier<?>> of(Class<?> kind) {
        return all.stream().filter(each -> each.takes().isAssignableFrom(kind)).toList();
    }

    private static <D> boolean took(Carrier<D> carrier, Directive directive) {
        D mine = carrier.takes().cast(directive);
        if (carrier.reaches(mine)) {
            carrier.carry(mine);
            return true;
        }
        return false;
    }
}
