package store;

import java.lang.reflect.InvocationHandler;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;

public final class Counted implements InvocationHandler {
    private final Store store;
    private int calls;

    private Counted(Store store) {
        this.store = store;
    }

    public static Store of(Store store) {
        return (Store) Proxy.newProxyInstance(Store.class.getClassLoader(), new Class<?>[]{Store.class}, new Counted(store));
    }

    @Override
    public Object invoke(Object proxy, Method method, Object[] arguments) throws Throwable {
        calls++;
        return method.invoke(store, arguments);
    }

    public int calls() {
        return calls;
    }
}
