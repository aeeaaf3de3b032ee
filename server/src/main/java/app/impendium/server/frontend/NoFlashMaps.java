package app.impendium.server.frontend;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.FlashMapManager;

/**
 * Hands nothing from one request to the next by the session: looking for it would ask the database for each page, which is there
 * whether the database is or not.
 */
@Component(DispatcherServlet.FLASH_MAP_MANAGER_BEAN_NAME)
class NoFlashMaps implements FlashMapManager {

    @Override
    public FlashMap retrieveAndUpdate(HttpServletRequest request, HttpServletResponse response) {
        return null;
    }

    @Override
    public void saveOutputFlashMap(FlashMap flashMap, HttpServletRequest request, HttpServletResponse response) {
        if (!flashMap.isEmpty()) {
            throw new IllegalStateException("Nothing is handed from one request to the next by the session.");
        }
    }
}
