package org.waxbell.app.store;

import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.beans.factory.annotation.AnnotatedBeanDefinition;
import org.springframework.beans.factory.config.RuntimeBeanReference;
import org.springframework.beans.factory.support.BeanDefinitionRegistry;
import org.springframework.beans.factory.support.RootBeanDefinition;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.context.annotation.ImportBeanDefinitionRegistrar;
import org.springframework.core.ResolvableType;
import org.springframework.core.type.AnnotationMetadata;
import org.springframework.core.type.filter.AnnotationTypeFilter;
import org.springframework.util.ClassUtils;

/**
 * Makes a bean of each {@link Mapper} of this package. What MyBatis finds by itself cannot be written down when the program is built, and then
 * would be looked for at each start.
 */
public class Mappers implements ImportBeanDefinitionRegistrar {
    @Override
    public void registerBeanDefinitions(AnnotationMetadata importing, BeanDefinitionRegistry registry) {
        ClassPathScanningCandidateComponentProvider mappers = new ClassPathScanningCandidateComponentProvider(false) {
            @Override
            protected boolean isCandidateComponent(AnnotatedBeanDefinition found) {
                return found.getMetadata().isInterface();
            }
        };
        mappers.addIncludeFilter(new AnnotationTypeFilter(Mapper.class));
        mappers.findCandidateComponents(Mappers.class.getPackageName()).forEach(found -> {
            Class<?> type = ClassUtils.resolveClassName(
                    String.valueOf(found.getBeanClassName()), Mappers.class.getClassLoader());
            RootBeanDefinition mapper = new RootBeanDefinition(MapperFactoryBean.class);
            mapper.setTargetType(ResolvableType.forClassWithGenerics(MapperFactoryBean.class, type));
            mapper.getConstructorArgumentValues().addIndexedArgumentValue(0, type);
            mapper.getPropertyValues().add("sqlSessionTemplate", new RuntimeBeanReference("sqlSessionTemplate"));
            registry.registerBeanDefinition(ClassUtils.getShortNameAsProperty(type), mapper);
        });
    }
}
