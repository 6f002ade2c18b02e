package ruvant.server.config;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ruvant.core.customers.Customer;
import ruvant.core.handover.HandoverEntry;
import ruvant.core.offer.OfferPicture;
import ruvant.core.people.Right;
import ruvant.core.people.RightToLog;
import ruvant.core.picture.CostSoFar;
import ruvant.core.picture.PickUp;
import ruvant.core.units.Money;
import ruvant.server.access.Shown;
import ruvant.server.record.LineView;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.SerializationConfig;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.BeanPropertyWriter;
import tools.jackson.databind.ser.ValueSerializerModifier;

/**
 * Leaves out of every answer what whoever asks may not see: money, and who owns a camera. It goes by what a part is or what it is
 * called, so that a new answer needs no rule of its own. It is for answers alone; what is stored and exported is whole.
 */
final class Withheld {
    private static final Map<Class<?>, Right> TYPES = Map.of(
            Money.class, Right.MONEY,
            CostSoFar.class, Right.MONEY,
            OfferPicture.class, Right.MONEY,
            ruvant.core.trade.Owner.class, Right.CUSTOMERS,
            ruvant.core.money.Party.class, Right.CUSTOMERS,
            Customer.class, Right.CUSTOMERS);

    private static final Set<String> OF_CUSTOMERS = Set.of("owner", "customer");

    private Withheld() {}

    /** Makes a mapper for answers. */
    static SimpleModule module() {
        return new SimpleModule("withheld").setSerializerModifier(new ValueSerializerModifier() {
            @Override
            public List<BeanPropertyWriter> changeProperties(
                    SerializationConfig config, BeanDescription.Supplier of, List<BeanPropertyWriter> properties) {
                List<BeanPropertyWriter> changed = new ArrayList<>(properties);
                changed.replaceAll(one -> changed(of.getBeanClass(), one));
                return changed;
            }
        });
    }

    private static BeanPropertyWriter changed(Class<?> in, BeanPropertyWriter plain) {
        if (in == LineView.class || in == PickUp.Done.class) {
            return new InLine(plain);
        }
        return needed(in, plain)
                .<BeanPropertyWriter>map(right -> new Private(plain, right))
                .orElse(plain);
    }

    private static java.util.Optional<Right> needed(Class<?> in, BeanPropertyWriter property) {
        Class<?> type = property.getType().isReferenceType()
                ? property.getType().getContentType().getRawClass()
                : property.getType().getRawClass();
        String name = property.getName();
        if (TYPES.containsKey(type)) {
            return java.util.Optional.of(TYPES.get(type));
        }
        if (name.equals("minor")
                || name.endsWith("Minor")
                || in == HandoverEntry.Estimated.class && name.equals("money")) {
            return java.util.Optional.of(Right.MONEY);
        }
        boolean ofCustomers = OF_CUSTOMERS.contains(name) && (type == String.class || type == java.util.UUID.class)
                || in == HandoverEntry.Returned.class && name.equals("to");
        return ofCustomers ? java.util.Optional.of(Right.CUSTOMERS) : java.util.Optional.empty();
    }

    /** A part for which one right is needed. */
    private static final class Private extends BeanPropertyWriter {
        private final Right right;

        Private(BeanPropertyWriter plain, Right right) {
            super(plain);
            this.right = right;
        }

        @Override
        public void serializeAsProperty(Object bean, JsonGenerator out, SerializationContext context) throws Exception {
            if (Shown.to(EnumSet.of(right))) {
                super.serializeAsProperty(bean, out, context);
            } else {
                blank(out, getName(), getType().getRawClass());
            }
        }
    }

    /** A part of a line in a record: of some lines neither the words nor what they are made of are shown. */
    private static final class InLine extends BeanPropertyWriter {
        InLine(BeanPropertyWriter plain) {
            super(plain);
        }

        @Override
        public void serializeAsProperty(Object bean, JsonGenerator out, SerializationContext context) throws Exception {
            Set<Right> needed =
                    bean instanceof LineView line ? RightToLog.toSee(line.entry()) : ((PickUp.Done) bean).toSee();
            if (Shown.to(needed)) {
                super.serializeAsProperty(bean, out, context);
                return;
            }
            switch (getName()) {
                case "words" -> out.writeStringProperty("words", Shown.INSTEAD_OF_WORDS);
                case "now", "struckBecause" -> {}
                case "entry" -> {
                    out.writeName("entry");
                    out.writeStartObject();
                    out.writeStringProperty(
                            "kind", EntryJson.kind(((LineView) bean).entry().getClass()));
                    out.writeEndObject();
                }
                default -> super.serializeAsProperty(bean, out, context);
            }
        }
    }

    /** What pages rely on being there stays there, empty; figures and what may be missing anyway are left out. */
    private static void blank(JsonGenerator out, String name, Class<?> type) {
        if (type == String.class) {
            out.writeStringProperty(name, "");
        } else if (Collection.class.isAssignableFrom(type) || type.isArray()) {
            out.writeName(name);
            out.writeStartArray();
            out.writeEndArray();
        } else if (Map.class.isAssignableFrom(type)) {
            out.writeName(name);
            out.writeStartObject();
            out.writeEndObject();
        } else if (type.isRecord()) {
            out.writeName(name);
            out.writeStartObject();
            for (RecordComponent component : type.getRecordComponents()) {
                blank(out, component.getName(), component.getType());
            }
            out.writeEndObject();
        }
    }
}
