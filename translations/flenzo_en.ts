<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>ActsDone</name>
    <message numerus="yes">
        <source>%n strings checked</source>
        <translation>
            <numerusform>%n string checked</numerusform>
            <numerusform>%n strings checked</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n springs in</source>
        <translation>
            <numerusform>%n spring in</numerusform>
            <numerusform>%n springs in</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>ConflictWords</name>
    <message numerus="yes">
        <source>%n entries</source>
        <translation>
            <numerusform>%n entry</numerusform>
            <numerusform>%n entries</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>GuitarPlan</name>
    <message numerus="yes">
        <source>The guitar from above, %n strings tight.</source>
        <translation>
            <numerusform>The guitar from above, %n string tight.</numerusform>
            <numerusform>The guitar from above, %n strings tight.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Lanes</name>
    <message numerus="yes">
        <source>%n acts ago</source>
        <translation>
            <numerusform>1 act ago</numerusform>
            <numerusform>%n acts ago</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Practice</name>
    <message numerus="yes">
        <source>Said wrongly %n time(s).</source>
        <translation>
            <numerusform>Said wrongly once.</numerusform>
            <numerusform>Said wrongly %n times.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Trends</name>
    <message numerus="yes">
        <source>String %1 broke %2, %n times.</source>
        <translation>
            <numerusform>String %1 broke %2, once.</numerusform>
            <numerusform>String %1 broke %2, %n times.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Wording</name>
    <message numerus="yes">
        <source>%n such spring(s)</source>
        <translation>
            <numerusform>%n such spring</numerusform>
            <numerusform>%n such springs</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::DuePanel</name>
    <message numerus="yes">
        <source>%n days ago</source>
        <translation>
            <numerusform>%n day ago</numerusform>
            <numerusform>%n days ago</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>in %n days</source>
        <translation>
            <numerusform>in %n day</numerusform>
            <numerusform>in %n days</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::JobExchange</name>
    <message numerus="yes">
        <source>%n jobs came in.</source>
        <translation>
            <numerusform>%n job came in.</numerusform>
            <numerusform>%n jobs came in.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::LearnedPanel</name>
    <message numerus="yes">
        <source>Nothing has been read yet: these are the mean and the spread of %n guitars of this kind that the shop finished, drawn towards the usual figures.</source>
        <translation>
            <numerusform>Nothing has been read yet: these are the mean and the spread of %n guitar of this kind that the shop finished, drawn towards the usual figures.</numerusform>
            <numerusform>Nothing has been read yet: these are the mean and the spread of %n guitars of this kind that the shop finished, drawn towards the usual figures.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::ShopPage</name>
    <message numerus="yes">
        <source>%1: %2, %3; %4, %n entries in its log</source>
        <translation>
            <numerusform>%1: %2, %3; %4, %n entry in its log</numerusform>
            <numerusform>%1: %2, %3; %4, %n entries in its log</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Delete %n jobs? Logs, notes and steps go with them; only a backup or an exported guitar brings them back.</source>
        <translation>
            <numerusform>Delete %n job? Its log, notes and steps go with it; only a backup or an exported guitar brings it back.</numerusform>
            <numerusform>Delete %n jobs? Logs, notes and steps go with them; only a backup or an exported guitar brings them back.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n jobs deleted.</source>
        <translation>
            <numerusform>%n job deleted.</numerusform>
            <numerusform>%n jobs deleted.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::SoakForm</name>
    <message numerus="yes">
        <source>%n minutes</source>
        <translation>
            <numerusform>%n minute</numerusform>
            <numerusform>%n minutes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::StepClock</name>
    <message numerus="yes">
        <source>%n minutes</source>
        <translation>
            <numerusform>%n minute</numerusform>
            <numerusform>%n minutes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::StringCountBox</name>
    <message numerus="yes">
        <source>%n strings</source>
        <translation>
            <numerusform>%n string</numerusform>
            <numerusform>%n strings</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::TimesPanel</name>
    <message numerus="yes">
        <source>From the times in the records of the last %n finished jobs; breaks of an hour and more are left out. A method saved what its jobs took less than those done any other way.</source>
        <translation>
            <numerusform>From the times in the records of the last finished job; breaks of an hour and more are left out. A method saved what its jobs took less than those done any other way.</numerusform>
            <numerusform>From the times in the records of the last %n finished jobs; breaks of an hour and more are left out. A method saved what its jobs took less than those done any other way.</numerusform>
        </translation>
    </message>
</context>
</TS>
