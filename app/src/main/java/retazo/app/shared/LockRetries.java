package retazo.app.shared;

import java.lang.reflect.Method;
import java.time.Duration;
import java.util.Optional;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.jspecify.annotations.Nullable;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.StaticMethodMatcherPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.core.retry.RetryException;
import org.springframework.core.retry.RetryPolicy;
import org.springframework.core.retry.RetryTemplate;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A transaction that the database ended because two waited for each other has left nothing behind, so it is simply done again, a few times.
 * That goes around whole transactions only: a part of one cannot be done again without the rest.
 */
@Configuration(proxyBeanMethods = false)
class LockRetries {

    private static final int MOST = 4;
    private static final Duration FIRST_WAIT = Duration.ofMillis(40);
    private static final Duration SPREAD = Duration.ofMillis(30);
    private static final double GROWTH = 2;

    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static DefaultPointcutAdvisor lockRetryAdvisor() {
        DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(new Transactions(), new Again());
        advisor.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return advisor;
    }

    /** Our own methods that are a transaction. */
    private static final class Transactions extends StaticMethodMatcherPointcut {

        @Override
        public boolean matches(Method method, Class<?> type) {
            return type.getName().startsWith("retazo.app.")
                    && (AnnotatedElementUtils.hasAnnotation(method, Transactional.class)
                            || AnnotatedElementUtils.hasAnnotation(type, Transactional.class));
        }
    }

    /** Does a transaction again. */
    private static final class Again implements MethodInterceptor {

        private final RetryTemplate template = new RetryTemplate(RetryPolicy.builder()
                .includes(PessimisticLockingFailureException.class)
                .maxRetries(MOST).delay(FIRST_WAIT).jitter(SPREAD).multiplier(GROWTH).build());

        @Override
        public @Nullable Object invoke(MethodInvocation invocation) throws Throwable {
            if (TransactionSynchronizationManager.isActualTransactionActive()) {
                return invocation.proceed();
            }
            try {
                return template.execute(() -> Optional.ofNullable(((ProxyMethodInvocation) invocation).invocableClone().proceed()))
                        .orElse(null);
            } catch (RetryException e) {
                throw e.getCause();
            }
        }
    }
}
