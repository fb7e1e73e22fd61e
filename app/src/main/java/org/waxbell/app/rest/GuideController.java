package org.waxbell.app.rest;

import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.guide.Guide;
import org.waxbell.app.guide.Guide.GuideSection;

/** The guide within the program. */
@RestController
class GuideController {
    private final Guide guide;

    GuideController(Guide guide) {
        this.guide = guide;
    }

    @GetMapping("/api/guide")
    List<GuideSection> guide() {
        return guide.sections();
    }

    /** A picture of the guide. @param name such as {@code live} */
    @GetMapping(Guide.PICTURES + "{name}.png")
    ResponseEntity<Resource> picture(@PathVariable String name) {
        Resource picture = new ClassPathResource("guide/screenshots/" + name + ".png");
        return name.matches("[a-z-]+") && picture.exists()
                ? ResponseEntity.ok().contentType(MediaType.IMAGE_PNG).body(picture)
                : ResponseEntity.notFound().build();
    }
}
