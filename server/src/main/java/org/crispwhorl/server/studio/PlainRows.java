package org.crispwhorl.server.studio;

import org.hibernate.boot.registry.StandardServiceRegistryBuilder;
import org.hibernate.bytecode.internal.none.BytecodeProviderImpl;
import org.hibernate.bytecode.spi.BytecodeProvider;
import org.hibernate.service.spi.ServiceContributor;

/** Rows are plain objects that are read whole: no class is written for them at the start. A reference to a row that is not read is thus an error. */
public final class PlainRows implements ServiceContributor {
    @Override
    public void contribute(StandardServiceRegistryBuilder builder) {
        builder.addService(BytecodeProvider.class, new BytecodeProviderImpl());
    }
}
