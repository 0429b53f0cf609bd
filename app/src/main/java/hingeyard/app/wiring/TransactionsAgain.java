package hingeyard.app.wiring;

import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.springframework.aop.Advisor;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.StaticMethodMatcherPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.AnnotationTransactionAttributeSource;
import org.springframework.transaction.interceptor.TransactionAttribute;
import org.springframework.transaction.interceptor.TransactionAttributeSource;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Every transaction that begins by an annotation, and every one that keeps a session, is done again where it was in another's way. Commands
 * are by themselves ({@code command.Commands}): a sign-in, a wrong PIN or a tap's session is not, and was answered 500.
 */
@Configuration(proxyBeanMethods = false)
class TransactionsAgain {

    /** Around the transaction, not inside it. */
    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static Advisor transactionAgain() {
        TransactionAttributeSource attributes = new AnnotationTransactionAttributeSource();
        DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(new StaticMethodMatcherPointcut() {
            @Override
            public boolean matches(java.lang.reflect.Method method, Class<?> type) {
                return type.getName().startsWith("hingeyard.") && attributes.hasTransactionAttribute(method, type);
            }
        }, new Begins(attributes));
        advisor.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return advisor;
    }

    private record Begins(TransactionAttributeSource attributes) implements MethodInterceptor {

        @Override
        public Object invoke(MethodInvocation call) throws Throwable {
            Class<?> type = call.getThis() == null ? call.getMethod().getDeclaringClass() : call.getThis().getClass();
            TransactionAttribute how = attributes.getTransactionAttribute(call.getMethod(), type);
            boolean begins = how != null && (how.getPropagationBehavior() == TransactionDefinition.PROPAGATION_REQUIRES_NEW
                    || !TransactionSynchronizationManager.isActualTransactionActive());
            // One that is part of a larger one is done again with that.
            return begins ? Again.run(() -> ((ProxyMethodInvocation) call).invocableClone().proceed()) : call.proceed();
        }
    }

    @Bean
    static TransactionOperations springSessionTransactionOperations(PlatformTransactionManager transactions) {
        TransactionTemplate own = new TransactionTemplate(transactions);
        own.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        return new TransactionOperations() {
            @Override
            public <T> T execute(TransactionCallback<T> action) {
                return Again.run(() -> own.execute(action));
            }
        };
    }
}
