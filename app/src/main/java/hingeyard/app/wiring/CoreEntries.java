package hingeyard.app.wiring;

import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.StepSource;
import hingeyard.formats.AnswerJson;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.JacksonModule;

/** The one place that constructs core entries. */
@Configuration
class CoreEntries {

    @Bean
    FitAssessor fitAssessor() {
        return new FitAssessor(FitCheckCatalogue.all());
    }

    @Bean
    StepPlanner stepPlanner(StepSource library) {
        return new StepPlanner(library);
    }

    @Bean
    JacksonModule answers() {
        return AnswerJson.module();
    }
}
