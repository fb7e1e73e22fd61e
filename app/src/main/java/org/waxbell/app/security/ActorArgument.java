package org.waxbell.app.security;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.waxbell.actor.Actor;

/** Hands who asks to a route that wants to know. */
@Configuration(proxyBeanMethods = false)
class ActorArgument implements WebMvcConfigurer, HandlerMethodArgumentResolver {
    static {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(Actor.class);
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Actor.class;
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer view,
            NativeWebRequest request,
            @Nullable WebDataBinderFactory binder) {
        return SignedIn.now();
    }
}
