package fluidframe.server.access;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.authorization.AuthorizationResult;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExecutionChain;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.ServletRequestPathUtils;

/** Holds who asks against what the route says of itself. The pages and their files hold nothing of the studio, and are open. */
class RouteGuard implements AuthorizationManager<RequestAuthorizationContext> {
    private static final Set<String> READING = Set.of("GET", "HEAD");

    private final Supplier<RequestMappingHandlerMapping> routes;
    private final Supplier<Reach> reach;

    /** Both are asked for when they are needed: they come after the guard. */
    RouteGuard(Supplier<RequestMappingHandlerMapping> routes, Supplier<Reach> reach) {
        this.routes = routes;
        this.reach = reach;
    }

    @Override
    public AuthorizationResult authorize(Supplier<Authentication> who, RequestAuthorizationContext context) {
        return check(who, context);
    }

    @Override
    @SuppressWarnings("deprecation")
    public AuthorizationDecision check(Supplier<Authentication> who, RequestAuthorizationContext context) {
        Visit visit = Visit.of(who.get());
        return new AuthorizationDecision(visit.visitor() == Visitor.COACH || isOpen(visit, context.getRequest()));
    }

    private boolean isOpen(Visit visit, HttpServletRequest request) {
        Optional<HandlerMethod> route;
        try {
            route = route(request);
        } catch (ServletException e) {
            // No route answers this in this way, which is for the coach to be told.
            return false;
        } catch (Exception e) {
            throw new IllegalStateException("The route of a request was not found out", e);
        }
        if (route.isEmpty()) return !isOfApi(request);
        OpenTo open = of(route.get());
        if (open == null) return false;
        Visitor least = READING.contains(request.getMethod()) ? open.reading() : open.changing();
        if (!visit.visitor().mayWhat(least)) return false;
        return open.of().isEmpty()
                || visit.device()
                        .filter(device -> isReached(device, open.of(), request))
                        .isPresent();
    }

    private Optional<HandlerMethod> route(HttpServletRequest request) throws Exception {
        if (!ServletRequestPathUtils.hasParsedRequestPath(request)) ServletRequestPathUtils.parseAndCache(request);
        HandlerExecutionChain chain = routes.get().getHandler(request);
        return Optional.ofNullable(chain)
                .map(HandlerExecutionChain::getHandler)
                .filter(HandlerMethod.class::isInstance)
                .map(HandlerMethod.class::cast);
    }

    /** What a route says of itself, or else its controller; null where neither says anything. */
    static OpenTo of(HandlerMethod route) {
        OpenTo own = AnnotatedElementUtils.findMergedAnnotation(route.getMethod(), OpenTo.class);
        return own != null ? own : AnnotatedElementUtils.findMergedAnnotation(route.getBeanType(), OpenTo.class);
    }

    /** Also where no route answers, so that nobody learns which there are. */
    private static boolean isOfApi(HttpServletRequest request) {
        String path = ServletRequestPathUtils.getParsedRequestPath(request).pathWithinApplication().elements().stream()
                .filter(org.springframework.http.server.PathContainer.PathSegment.class::isInstance)
                .map(org.springframework.http.server.PathContainer.PathSegment.class::cast)
                .map(org.springframework.http.server.PathContainer.PathSegment::valueToMatch)
                .findFirst()
                .orElse("");
        return path.equals("api") || path.equals("v3");
    }

    private boolean isReached(Device device, String of, HttpServletRequest request) {
        Map<?, ?> parts = (Map<?, ?>) request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        boolean isPart = of.startsWith("{");
        String kind = isPart ? String.valueOf(parts.get(of.substring(1, of.length() - 1))) : of;
        String with = request.getParameter("with");
        return reach.get().reaches(device, kind, String.valueOf(parts.get("id")), with == null ? "" : with);
    }
}
