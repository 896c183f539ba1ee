package org.flintmoss.journeys;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * A journey over ground that tests of the front end and of the server cover as well: the short run
 * leaves it out, since a whole browser is dear.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@EnabledIfSystemProperty(named = "flintmoss.long", matches = "true")
@interface InTheLongRun {}
